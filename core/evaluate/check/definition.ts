import type { Words } from '#core/units';
import type { Verdict } from '#core/verdict';
import type { Spread } from '../spread';
import type { Check } from './check';
import type { CheckKind, KnownFigure, VerdictWords } from './kinds';

/** Where a check stands in the ledger. */
export const CHECK_GROUPS = ['room', 'hub', 'tire', 'car', 'brake'] as const;
export type CheckGroup = (typeof CHECK_GROUPS)[number];

/** What a check found. */
export interface Judgement {
  value: number | null;
  limit: number | null;
  margin: number | null;
  verdict: Verdict;
  /** The arithmetic; asked for only where a row is open or a report is written out. */
  lines(): string[];
  spread?: Spread | undefined;
  /** Where it is called otherwise than usual: of a side, or of one of several parts. */
  label?: string | undefined;
  /** Where it is of another unit than usual. */
  unit?: Check['unit'] | undefined;
  /** Of one of several parts: its id. */
  part?: string | undefined;
}

/** What is said of a check otherwise than by its unit, in a few words; null where the usual words do. */
export interface CheckSays {
  /** Its value without the unit. */
  figure?(check: Check, words: Words): string | null;
  /** The sign behind that figure, where it stands in one unit whatever the reader's. */
  sign?: string | undefined;
  /** Its limit. */
  limit?(check: Check, words: Words): string | null;
  /** How far it is from its limit. */
  margin?(check: Check, words: Words): string | null;
}

/** A check: what it is called and means, and how a case is judged. */
export interface CheckDefinition {
  /** Whether it is judged for an axle, or for the whole car. */
  on: 'axle' | 'car';
  label: string;
  /** What a column of it is called, where that is shorter. */
  short?: string | undefined;
  group: CheckGroup;
  kind: CheckKind;
  unit: Check['unit'];
  /** Where its verdicts have other words than those of its kind. */
  words?: VerdictWords | undefined;
  /** Where its ring is drawn otherwise than its kind's. */
  ring?: ((figure: KnownFigure) => number) | undefined;
  /** It can be set or ordered anew without moving the wheel: it does not limit a setup that touches as well. */
  settable?: true | undefined;
  /** What work on a car has to do with it: it can make the `room` it asks for, or must not lose what is `held`. */
  work?: 'room' | 'held' | undefined;
  /** It comes of a sweep: until a change is swept, it says what was before. */
  swept?: true | undefined;
  /** Another tire size may meet it. */
  bySize?: true | undefined;
  says?: CheckSays | undefined;
}

/** What a judge answers: one finding, several, or none where nothing of the kind is asked for. */
export type Answer = Judgement | readonly Judgement[] | null;

/** A check of what a case holds. */
export interface JudgedCheck<Case> extends CheckDefinition {
  judge(one: Case): Answer;
}

type Given<Case> = Omit<JudgedCheck<Case>, 'on'>;

/** Every check with all its fields in one order: objects of one shape are read several times faster. */
const laidOut = <On extends CheckDefinition['on'], Case>(on: On, check: Given<Case>) => ({
  on,
  label: check.label,
  short: check.short,
  group: check.group,
  kind: check.kind,
  unit: check.unit,
  words: check.words,
  ring: check.ring,
  settable: check.settable,
  work: check.work,
  swept: check.swept,
  bySize: check.bySize,
  says: check.says,
  judge: check.judge,
});

/** A check of an axle, by the fields of its case that it reads. */
export const axleCheck = <Case>(check: Given<Case>) => laidOut('axle', check);

/** A check of the whole car. */
export const carCheck = <Case>(check: Given<Case>) => laidOut('car', check);
