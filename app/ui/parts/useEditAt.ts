import type { Taken } from '#core/job';
import { useDocument } from '../../job/DocumentContext';

/** Makes an edit of a place from a value that may be emptied. */
export function useEditAt() {
  const { edit } = useDocument();
  return (path: string[], value: unknown, taken?: Taken) =>
    edit(
      value === null || value === undefined
        ? { op: 'clear', path }
        : { op: 'set', path, value, ...(taken ? { taken } : {}) },
    );
}
