import { useMemo, useState } from 'react';
import { nanoid } from 'nanoid';
import { DomainError } from '#core/errors';
import { outerCorner } from '#core/fitting';
import { applyEdits, type Edit } from '#core/job';
import { INSTRUMENT_UNCERTAINTY_MM, takenTogether, type Instrument } from '#core/uncertainty';
import { useDocument } from '../../job/DocumentContext';
import { useSelection } from '../../job/SelectionContext';
import { useSightText } from '../../job/useSight';
import { useLengths, usePreferences } from '../../preferences/PreferencesContext';
import { useDraft } from '../brakes/useDraft';
import { takenWith } from '../help/takenWith';
import { writeNote } from '../notes/noteEdits';
import { cardEdits } from './cardEdits';
import { readCard } from './entries';
import { measuringWalk, nextOpen, type WalkCard } from './walk';

const NONE: readonly string[] = [];

/** What is typed on a card and not taken yet. */
interface Begun {
  text: string;
  takes: readonly number[];
}
const NOT_BEGUN: Begun = { text: '', takes: [] };

/** A tick that a hand in a glove feels, where the device has one. */
const tick = () => navigator.vibrate?.(12);

/** What a reading is usually taken with. */
const toolFor = ({ entry, key }: WalkCard): Instrument =>
  entry === 'size' || entry === 'rim' || entry === 'offset'
    ? 'label'
    : key?.startsWith('hub.')
      ? 'caliper'
      : 'steel-rule';

/** A walk round the car, one reading at a time: where it stands, what is typed, and where it goes on. */
export function useMeasure() {
  const { job, readings, edit } = useDocument();
  const { initials } = usePreferences();
  const lengths = useLengths();
  const { axle } = useSelection();
  const walk = useMemo(() => measuringWalk(job, readings), [job, readings]);
  const [named, name] = useSightText('card');
  const [skippedIds, setSkipped] = useDraft<readonly string[]>('measure-skipped');
  const skipped = useMemo(() => new Set(skippedIds ?? NONE), [skippedIds]);
  const [chosenTool, setTool] = useState<{ of: string; tool: Instrument } | null>(null);
  const [begun, setBegun] = useDraft<Readonly<Record<string, Begun>>>('measure-begun');
  const [fault, setFault] = useState<string | null>(null);
  const here = walk.filter((one) => one.axle === axle);
  const card =
    walk.find(({ id }) => id === named) ?? nextOpen(here, null, skipped) ?? nextOpen(walk, null, skipped) ?? here[0]!;
  const at = walk.indexOf(card);
  const tool = chosenTool?.of === card.id ? chosenTool.tool : toolFor(card);
  const { text, takes } = begun?.[card.id] ?? NOT_BEGUN;
  const plusMinus = INSTRUMENT_UNCERTAINTY_MM[tool];

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
  const readTyped = (): number | string | null => {
    try {
      return readCard(card, text, lengths.unit);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      setFault(error.message);
      return null;
    }
  };
  /** What the card comes to, as edits; none where nothing was typed, null where it is no value. */
  const taken = (): Edit[] | null => {
    if (text.trim() === '' && takes.length === 0) return [];
    const value = text.trim() === '' ? undefined : readTyped();
    if (value === null) return null;
    if (typeof value === 'string') return cardEdits(job, card, { value, taken: takenWith(tool) });
    const all = value === undefined ? takes : [...takes, value];
    const { mean, plusMinus: sure } = takenTogether(all, plusMinus ?? 0);
    const uncertaintyMm = plusMinus === null ? null : sure;
    return cardEdits(job, card, { value: mean, taken: { instrument: tool, uncertaintyMm } });
  };
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
    setTool: (next: Instrument) => setTool({ of: card.id, tool: next }),
    choose: goTo,
    back: () => goTo(walk[at - 1]),
    /** Takes what is typed and goes on: to what still waits, else to the next card. */
    next() {
      const edits = taken();
      if (edits === null) return;
      if (edits.length > 0) {
        edit(...edits);
        begin(NOT_BEGUN);
        tick();
      }
      // What was taken may say what another card asks for.
      const after = edits.length > 0 ? measuringWalk(applyEdits(job, edits), readings) : walk;
      goTo(nextOpen(after, card.id, skipped) ?? walk[at + 1]);
    },
    /** Takes what is typed as one of several. */
    again() {
      const value = readTyped();
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
              about: {
                station: 'room',
                axle: card.axle,
                corner: outerCorner({ axle: card.axle, side: card.side ?? 'right' }),
              },
            },
            [],
          ),
        );
      goTo(nextOpen(walk, card.id, new Set([...skipped, card.id])) ?? walk[at + 1]);
    },
  };
}

export type Measure = ReturnType<typeof useMeasure>;
