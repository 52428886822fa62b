import { AXLES, type AxleName, type Edit, type Taken } from '#core/job';
import type { Field, FieldHelp } from './field';
import { fieldAt } from './fields';
import { VEHICLE_AXLE } from './vehicle';

/** The places of the readings among fields, e.g. `hub.boreMm`. */
type ReadingPlaces<F> = {
  [K in keyof F & string]: F[K] extends { reading: true }
    ? K
    : F[K] extends { kind: 'group'; fields: infer G }
      ? `${K}.${ReadingPlaces<G>}`
      : never;
}[keyof F & string];

/** A field within an axle of the car whose values are taken with a tool. */
export type ReadingKey = ReadingPlaces<typeof VEHICLE_AXLE>;

function placesOf(fields: Readonly<Record<string, Field>>, before: string): string[] {
  return Object.entries(fields).flatMap(([key, field]) => {
    if (field.kind === 'group') return placesOf(field.fields, `${before}${key}.`);
    return field.kind === 'number' && field.reading ? [`${before}${key}`] : [];
  });
}

/** Every reading of an axle: each of its values is kept with its history. */
export const READING_KEYS = placesOf(VEHICLE_AXLE, '') as readonly ReadingKey[];

/** The axle and key of a reading from an edit's path, null when the path is no reading. */
export function readingAt(path: readonly string[]): { axle: AxleName; key: ReadingKey } | null {
  const [root, axle, ...rest] = path;
  if (root !== 'vehicle' || !AXLES.includes(axle as AxleName)) return null;
  const field = fieldAt(path);
  const isReading = field?.kind === 'number' && field.reading;
  return isReading ? { axle: axle as AxleName, key: rest.join('.') as ReadingKey } : null;
}

/** A reading as an edit takes it, with how; when is for whoever keeps it to say. */
export interface ReadingTaken extends Taken {
  corner: AxleName;
  key: ReadingKey;
  value: number | null;
}

/** The readings that edits take, in their order; one that is emptied is taken too, with no value. */
export const readingsIn = (edits: readonly Edit[]): ReadingTaken[] =>
  edits.flatMap((edit) => {
    const reading = edit.op === 'set' || edit.op === 'clear' ? readingAt(edit.path) : null;
    if (!reading) return [];
    const { instrument, uncertaintyMm, ...origin } = (edit.op === 'set' ? edit.taken : undefined) ?? {};
    return {
      ...origin,
      corner: reading.axle,
      key: reading.key,
      value: edit.op === 'set' ? ((edit.value as number | null) ?? null) : null,
      uncertaintyMm: uncertaintyMm ?? null,
      instrument: instrument ?? null,
    };
  });

/** How a reading within an axle is taken, where that is said; the left side is read as the right one is. */
export function helpOf(key: string): FieldHelp | null {
  const field = fieldAt(['vehicle', 'front', ...key.split('.')]);
  return field?.kind === 'number' || field?.kind === 'text' ? (field.help ?? null) : null;
}
