import type { Obstacle, Side } from '#core/sweep';
import { useContext, useState } from 'react';
import type { AxleName } from '#core/job';
import { useDocument } from '../../job/DocumentContext';
import { useSightText } from '../../job/useSight';
import { DraftsContext } from '../fields/DraftsContext';
import { copiedToSide, draftOf, freePartId, partFrom, type PartDraft } from './partDraft';

/** Readings that were begun and are no parts yet, one of each kind, the one in hand last. */
type Drafts = readonly PartDraft[];

/**
 * The parts of an axle, and the one in hand. What was begun outlives a look at another part, and a change of station.
 */
export function useParts(axle: AxleName) {
  const { job, edit } = useDocument();
  const kept = useContext(DraftsContext);
  const keptAs = `part-drafts/${axle}`;
  const [chosen, setChosen] = useSightText('part');
  const [drafts, setDrafts] = useState<Drafts>(() => JSON.parse(kept.get(keptAs) ?? '[]') as Drafts);
  const own: readonly Obstacle[] = job.vehicle[axle]?.obstacles ?? [];
  const keep = (next: Drafts) => {
    setDrafts(next);
    if (next.length > 0) kept.set(keptAs, JSON.stringify(next));
    else kept.delete(keptAs);
  };
  const without = (kind: PartDraft['kind']) => drafts.filter((draft) => draft.kind !== kind);
  const put = (parts: readonly Obstacle[]) => edit({ op: 'set', path: ['vehicle', axle, 'obstacles'], value: parts });
  const picked = own.find(({ id }) => id === chosen) ?? null;
  const draft = drafts.at(-1) ?? null;
  return {
    own,
    /** The part in hand: one of the job's that was chosen, else the reading begun last. */
    inHand: picked ? draftOf(picked) : draft,
    chosen: picked?.id ?? null,
    drafts,
    choose: setChosen,
    /** Begins a reading; one of its kind that was begun before goes on. */
    begin(next: PartDraft) {
      setChosen(null);
      keep([...without(next.kind), drafts.find(({ kind }) => kind === next.kind) ?? next]);
    },
    /** Drops the reading in hand. */
    drop: () => keep(drafts.slice(0, -1)),
    /** Takes a change of the part in hand: a whole one goes into the job, an incomplete one stays begun. */
    change(next: PartDraft) {
      const id = next.id ?? freePartId(next.kind ?? 'part', own);
      const part = partFrom(next, id);
      const others = next.id === null ? drafts.slice(0, -1) : drafts;
      if (part) {
        put(next.id === null ? [...own, part] : own.map((one) => (one.id === id ? part : one)));
        keep(others);
        setChosen(id);
        return;
      }
      if (next.id !== null) put(own.filter((one) => one.id !== next.id));
      setChosen(null);
      keep([...others, { ...next, id: null }]);
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
