import { useDocument } from '../../job/DocumentContext';
import { useEditAt } from '../parts/useEditAt';
import { at, NO_DEFAULTS, type EditedTerms } from './terms';

/** The brief of the job on the table, with the shop defaults behind it. */
export function useBriefTerms(): EditedTerms {
  const { job } = useDocument();
  const editAt = useEditAt();
  return {
    of: 'brief',
    own: (path) => at(job.brief, path),
    set: (path, value) => editAt(['brief', ...path], value),
    behind: job.house ?? NO_DEFAULTS,
  };
}
