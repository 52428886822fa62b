import { useContext, useEffect, useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { nanoid } from 'nanoid';
import { DomainError } from '#core/errors';
import { outerCorner } from '#core/fitting';
import type { NotePlace } from '#core/note';
import { applyEdits, type Edit } from '#core/job';
import { takenTogether } from '#core/uncertainty';
import { wordsIn } from '#core/units';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useSightText } from '../../job/useSight';
import { useLengths, usePreferences } from '../../preferences/PreferencesContext';
import { useDraft } from '../brakes/useDraft';
import { useFittings } from '../fitup/useFittings';
import { HoldFieldContext } from '../fields/HoldFieldContext';
import { takenWith } from '../help/takenWith';
import { useTool } from '../help/useTool';
import { writeNote } from '../notes/noteEdits';
import { useStable } from '../parts/useStable';
import type { WalkCard } from './cards/card';
import { ENTRIES, readCard } from './entries';
import { measuringWalk, nextOpen } from './walk';

const NONE: readonly string[] = [];

/** What is typed on a card and not taken yet. */
interface Begun {
  text: string;
  takes: readonly number[];
}
const NOT_BEGUN: Begun = { text: '', takes: [] };

/** A tick that a hand in a glove feels, where the device has one. */
const tick = () => navigator.vibrate?.(12);

/** A walk round the car, one reading at a time: where it stands, what is typed, and where it goes on. */
export function useMeasure() {
  const { job, readings, edit } = useDocument();
  const { initials } = usePreferences();
  const lengths = useLengths();
  const { axle } = useSelection();
  const { inHand } = useFittings();
  const ask = useMemo(() => ({ readings, inHand, words: wordsIn(lengths.units) }), [readings, inHand, lengths.units]);
  const walk = useMemo(() => measuringWalk(job, ask), [job, ask]);
  const [named, name] = useSightText('card');
  const [skippedIds, setSkipped] = useDraft<readonly string[]>('measure-skipped');
  const skipped = useMemo(() => new Set(skippedIds ?? NONE), [skippedIds]);
  const [begun, setBegun] = useDraft<Readonly<Record<string, Begun>>>('measure-begun');
  const [fault, setFault] = useState<string | null>(null);
  const here = walk.filter((one) => one.axle === axle);
  const card =
    walk.find(({ id }) => id === named) ??
    nextOpen(here, { from: null, skipped }) ??
    nextOpen(walk, { from: null, skipped }) ??
    here[0]!;
  const at = walk.indexOf(card);
  const tool = useTool(card.tool, { of: card.id, isWritten: card.tool === 'label' });
  const { text, takes } = begun?.[card.id] ?? NOT_BEGUN;
  const plusMinus = tool.taken.uncertaintyMm;

  /** What is typed on a card stays there, whatever is looked at meanwhile. */
  const begin = (now: Begun) => {
    const { [card.id]: _, ...others } = begun ?? {};
    const isEmpty = now.text === '' && now.takes.length === 0;
    setBegun(isEmpty ? others : { ...others, [card.id]: now });
  };
  const goTo = (to: WalkCard | null | undefined) => {
    if (!to) return;
    setFault(null);
    name(to.id);
  };
  const put = (next: string) => {
    setFault(null);
    begin({ text: next, takes });
    tick();
  };
  /** What is typed as a value; null where that is none, which is said. */
  const readTyped = (typed: string): number | string | null => {
    try {
      return readCard(card, typed, lengths.units);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(error.message);
      return null;
    }
  };
  /** What the card comes to, as edits; none where nothing was typed, null where it is no value. */
  const taken = (typed: string): Edit[] | null => {
    if (typed.trim() === '' && takes.length === 0) return [];
    const value = typed.trim() === '' ? undefined : readTyped(typed);
    if (value === null) return null;
    if (typeof value === 'string') return card.put(job, { value, taken: takenWith('label') });
    const all = value === undefined ? takes : [...takes, value];
    const { mean, plusMinus: sure } = takenTogether(all, plusMinus ?? 0);
    const uncertaintyMm = plusMinus === null ? null : sure;
    return card.put(job, { value: mean, taken: { ...tool.taken, uncertaintyMm } });
  };
  const next = (typed: string): boolean => {
    const edits = taken(typed);
    if (edits === null) return false;
    if (edits.length > 0) {
      edit(...edits);
      begin(NOT_BEGUN);
      tick();
    }
    // What was taken may say what another card asks for.
    const isTaken = edits.length > 0;
    const after = isTaken ? measuringWalk(applyEdits(job, edits), ask) : walk;
    goTo(nextOpen(after, { from: card.id, skipped, isTaken }) ?? after[at + 1]);
    return true;
  };
  useHeldCard(card, next);
  return {
    walk,
    card,
    at,
    text,
    takes,
    fault,
    tool,
    plusMinus,
    skipped,
    put,
    choose: goTo,
    back: () => goTo(walk[at - 1]),
    /** Takes what is typed and goes on: to what still waits, else to the next card. */
    next: () => next(text),
    /** Takes what is typed as one of several. */
    again() {
      const value = readTyped(text);
      if (typeof value !== 'number') return;
      begin({ text: '', takes: [...takes, value] });
      tick();
    },
    dropTakes: () => begin({ text, takes: [] }),
    /** Leaves a card out, with why; the reason is written down where it is one. */
    skip(reason: string | null) {
      setSkipped([...skipped, card.id]);
      if (reason !== null)
        edit(
          ...writeNote(
            job,
            {
              id: nanoid(10),
              at: new Date().toISOString(),
              ...(initials ? { by: initials } : {}),
              text: `${card.title}, ${card.axle}: ${reason}`,
              about: placeOf(card),
            },
            [],
          ),
        );
      goTo(nextOpen(walk, { from: card.id, skipped: new Set([...skipped, card.id]) }) ?? walk[at + 1]);
    },
  };
}

/** Where a note about a card belongs. */
export const placeOf = ({ station, axle, side }: WalkCard): NotePlace => ({
  station,
  axle,
  corner: outerCorner({ axle, side: side ?? 'right' }),
});

/** The card is what an instrument reads, whatever has the focus. */
function useHeldCard({ id, title, entry }: WalkCard, next: (typed: string) => boolean): void {
  const hold = useContext(HoldFieldContext);
  const { put } = useStable({
    put(text: string): boolean {
      let isTaken = false;
      flushSync(() => {
        isTaken = next(text);
      });
      return isTaken;
    },
  });
  useEffect(() => {
    const { measures } = ENTRIES[entry];
    if (!measures) return hold(null);
    hold({ name: id, label: title, measures, put });
    return () => hold(null);
  }, [id, title, entry, hold, put]);
}

export type Measure = ReturnType<typeof useMeasure>;
