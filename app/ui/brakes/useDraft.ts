import { useContext, useState } from 'react';
import { DraftsContext } from '../fields/DraftsContext';

/**
 * Something that is being made of several fields and is no value of the job yet. It outlives a change of station; null
 * is what the job itself says.
 */
export function useDraft<T>(name: string): [T | null, (draft: T | null) => void] {
  const drafts = useContext(DraftsContext);
  const [draft, setDraft] = useState<T | null>(() => JSON.parse(drafts.get(name) ?? 'null') as T | null);
  return [
    draft,
    (next) => {
      setDraft(next);
      if (next === null) drafts.delete(name);
      else drafts.set(name, JSON.stringify(next));
    },
  ];
}
