import type { Taken } from '#core/job';
import { useEditAt } from './useEditAt';

/** What a field needs to stand over a value of the job. */
export interface FieldOver<T> {
  name: string;
  value: T | null;
  commit(value: T | null): void;
}

/** Puts fields over values of the job. */
export function useFieldOver() {
  const editAt = useEditAt();
  /** @param taken how a reading was taken, where the value is one */
  return <T>(path: string[], value: T | null | undefined, taken?: Taken): FieldOver<NonNullable<T>> => ({
    name: path.join('/'),
    value: value ?? null,
    commit: (next) => editAt(path, next, taken),
  });
}
