import { useState } from 'react';
import type { AxleName, Obstacle, Side } from '#core/job';
import { useJob } from '../../job/JobContext';
import { copiedToSide, draftOf, freePartId, partFrom, type PartDraft } from './partDraft';

/** The parts of an axle, and the one in hand. A draft that is no part yet outlives a change of station. */
export function useParts(axle: AxleName) {
  const { job, edit, drafts } = useJob();
  const draftName = `part-draft/${axle}`;
  const [chosen, setChosen] = useState<string | null>(null);
  const [draft, setDraft] = useState<PartDraft | null>(() => {
    const kept = drafts.get(draftName);
    return kept ? (JSON.parse(kept) as PartDraft) : null;
  });
  const own: readonly Obstacle[] = job.vehicle[axle]?.obstacles ?? [];
  const keepDraft = (next: PartDraft | null) => {
    setDraft(next);
    if (next) drafts.set(draftName, JSON.stringify(next));
    else drafts.delete(draftName);
  };
  const put = (parts: readonly Obstacle[]) => edit({ op: 'set', path: ['vehicle', axle, 'obstacles'], value: parts });
  const picked = own.find(({ id }) => id === chosen) ?? null;
  return {
    own,
    /** The part in hand: one of the job's that was chosen, else one that is being read. */
    inHand: picked ? draftOf(picked) : draft,
    chosen: picked?.id ?? null,
    /** What is being read and is no part yet; choosing another part leaves it as it is. */
    draft,
    choose: setChosen,
    begin(next: PartDraft) {
      setChosen(null);
      // The same kind again is the reading that was begun.
      if (!draft || draft.kind !== next.kind || next.points || draft.points) keepDraft(next);
    },
    drop: () => keepDraft(null),
    /** Takes a change of the part in hand: a whole one goes into the job, an incomplete one stays a draft. */
    change(next: PartDraft) {
      const id = next.id ?? freePartId(next.kind ?? 'part', own);
      const part = partFrom(next, id);
      if (part) {
        put(next.id === null ? [...own, part] : own.map((one) => (one.id === id ? part : one)));
        if (next.id === null) keepDraft(null);
        setChosen(id);
        return;
      }
      if (next.id !== null) put(own.filter((one) => one.id !== next.id));
      setChosen(null);
      keepDraft({ ...next, id: null });
    },
    remove(id: string) {
      put(own.filter((one) => one.id !== id));
      setChosen(null);
    },
    copyTo(id: string, side: Side) {
      const part = own.find((one) => one.id === id);
      if (!part) return;
      const copy = copiedToSide(part, side, own);
      const other: Side = side === 'left' ? 'right' : 'left';
      // What stood on both sides now stands on the other one alone.
      put([...own.map((one) => (one.id === id ? { ...one, side: other } : one)), copy]);
      setChosen(copy.id);
    },
  };
}

export type Parts = ReturnType<typeof useParts>;
