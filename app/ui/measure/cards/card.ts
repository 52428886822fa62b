import type { PlanItem } from '#core/advice';
import type { AxleName, Edit, Job, Taken } from '#core/job';
import type { Side } from '#core/sweep';
import { capital } from '#core/text';
import type { Instrument } from '#core/uncertainty';
import { fieldAt, helpOf, rangeOf, type FieldHelp, type Range } from '#formats/fields';

/** How the value of a card is typed. */
export type Entry = 'length' | 'rim' | 'offset' | 'count' | 'size' | 'speed';

/** What was read, and with what. */
export interface CardReading {
  value: number | string;
  taken: Taken;
}

/** The pose of the wheel while something is read; what is left out is straight ahead, and at rest. */
export interface CardPose {
  steerDeg?: number | undefined;
  travelMm?: number | undefined;
}

/** One reading of a walk round the car. */
export interface WalkCard {
  /** Names it within the job, and in the address. */
  id: string;
  axle: AxleName;
  /** Of a reading that is taken on one side; null for one of the axle. */
  side: Side | null;
  title: string;
  /** The station that it belongs to. */
  station: 'hub' | 'room' | 'brakes' | 'fit-up';
  /** The reading it is within its axle, for help and history; null where it has no history. */
  key: string | null;
  entry: Entry;
  /** What it is usually taken with. */
  tool: Instrument;
  range: Range;
  help: Pick<FieldHelp, 'where'> & Partial<FieldHelp>;
  value: number | string | null;
  /** The number of the job that its value was taken over from; null where this car was read. */
  fromJob: string | null;
  /** No verdict waits for it. */
  optional: boolean;
  /** It is worth taking all the same. */
  isWorth: boolean;
  /** Readings that are taken one after the other, once one of them is begun. */
  run?: string;
  /** What holds while it is empty: what the other side reads. */
  like: number | null;
  /** Of a part in space: where, with a picture of it. */
  plan: PlanItem | null;
  pose: CardPose;
  /** What was expected of it. */
  expected?: string;
  /** What is wrong with a value beside the others; null where nothing is. */
  check?: ((value: number) => string | null | false) | undefined;
  /** The edits that put what was read into its place. */
  put(job: Job, reading: CardReading): Edit[];
}

type Made = 'axle' | 'id' | 'title' | 'entry' | 'range' | 'help' | 'put' | 'station';

/** A card, with what most of them are. */
export const cardOf = (card: Pick<WalkCard, Made> & Partial<WalkCard>): WalkCard => ({
  side: null,
  key: null,
  tool: 'steel-rule',
  value: null,
  fromJob: null,
  optional: false,
  isWorth: false,
  like: null,
  plan: null,
  pose: {},
  ...card,
});

/** Puts a value, with how it was taken, into a place. */
export const setAt =
  (path: readonly string[]): WalkCard['put'] =>
  (_job, { value, taken }) => [{ op: 'set', path: [...path], value, taken }];

interface FieldCard extends Partial<Pick<WalkCard, 'side' | 'tool' | 'optional' | 'like' | 'check' | 'put'>> {
  axle: AxleName;
  key: string;
  entry: Entry;
  value: number | string | null | undefined;
}

/** The card of a field that says how it is read: bounded and kept as at its station. */
export function fieldCard({ axle, key, entry, value, ...more }: FieldCard): WalkCard {
  const path = ['vehicle', axle, ...key.split('.')];
  const field = fieldAt(path);
  const help = helpOf(key);
  if (!field) throw new Error(`there is no field ${key}`);
  return cardOf({
    id: `${axle}.${key}`,
    axle,
    title: capital(help?.title ?? field.name),
    station: key.startsWith('hub.') ? 'hub' : 'room',
    key,
    entry,
    range: field.kind === 'number' ? rangeOf(field) : [0, 0],
    help: help ?? { where: `The ${field.name} of this axle.` },
    value: value ?? null,
    put: setAt(path),
    ...more,
  });
}
