import type { Customer, Decision, Job } from '#core/job';
import { BRIEF, SHOP_DEFAULTS } from './brief';
import { figure, group, list, text, type AnyGroup, type Field, type FieldsOf } from './field';
import { SETUP } from './setup';
import { VEHICLE } from './vehicle';

/** Whose car it is, and which. */
const CUSTOMER = {
  name: text('name of the customer', 120),
  contact: text('contact', 200),
  plate: text('plate', 20),
  vin: text('VIN', 40),
  odometerKm: figure('odometer', 'odometerKm'),
} as const satisfies FieldsOf<Customer>;

const DECISION = {
  setup: text('setup decided for', 40),
  decidedAt: text('day of the decision', 40),
  by: text('decided by', 40),
  why: text('why', 1000),
  against: list('why not the others'),
} as const satisfies FieldsOf<Decision>;

/**
 * Every field of a job by its place in the file: what it is called, what it may hold, whether it is read on the car,
 * and how. Schema, history, names and screens read it.
 */
export const FIELDS = {
  title: text('job title', 120),
  vehicle: group('car', VEHICLE),
  brief: group('brief', BRIEF),
  house: group('shop defaults', SHOP_DEFAULTS),
  customer: group('customer', CUSTOMER),
  setups: list('setups'),
  decision: group('decision', DECISION),
  fittings: list('fittings'),
  notes: list('note'),
  photos: list('photo'),
} as const satisfies FieldsOf<Omit<Job, 'format' | 'version'>>;

const ROOT: AnyGroup = { kind: 'group', name: 'job', fields: FIELDS };
const SETUP_ROOT: AnyGroup = { kind: 'group', name: 'setup', fields: SETUP };

/** The field at a place of a job; the place of a setup begins `setups`, its id. Null where there is none. */
export function fieldAt(path: readonly string[]): Field | null {
  const [from, keys] = path[0] === 'setups' && path.length > 1 ? [SETUP_ROOT, path.slice(2)] : [ROOT, path];
  let field: Field = from;
  for (const key of keys) {
    if (field.kind !== 'group' || !Object.hasOwn(field.fields, key)) return null;
    field = field.fields[key]!;
  }
  return field;
}
