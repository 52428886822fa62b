import {
  ruleInForce,
  type AllowedRemedies,
  type AxleName,
  type BodyWork,
  type Job,
  type Setup,
  type Terms,
} from '#core/job';
import type { Rung } from '#core/remedy';
import type { WheelMove } from './remedy';

/** Spacers as they are sold (common practice, no source), and how far a wheel's offset is tried either way, mm. */
const SPACERS_MM = [3, 5, 8, 10, 12, 15, 20, 25, 30];
const OFFSETS_MM = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20];
const LIFTS = 5;

/** Whether a kind of work may be done: as the brief says, else as the house does, else not. */
export const workAllowed = ({ brief, house }: Terms, work: BodyWork): boolean =>
  brief?.remedies?.[work] ?? house?.remedies?.[work] ?? false;

/** How much room work on a part can make, of what brief and house allow; structural cuts are never counted on. Mm. */
export const allowedReachMm = (terms: Terms, ladder: readonly Rung[]): number =>
  Math.max(
    0,
    ...ladder.filter(({ work, structural }) => !structural && workAllowed(terms, work)).map(({ reachMm }) => reachMm),
  );

/** How the car may be raised, and by how much at most; null where it may not. */
export function liftAllowed({ brief, house }: Terms): { kind: 'spring' | 'strut-top' | 'body'; mostMm: number } | null {
  const lift: AllowedRemedies['lift'] = brief?.remedies?.lift ?? house?.remedies?.lift;
  return lift?.mostMm == null || lift.mostMm <= 0 ? null : { kind: lift.kind ?? 'spring', mostMm: lift.mostMm };
}

/** Lifts that are tried: none, and in even steps up to the most that is allowed. */
export function liftMoves(terms: Terms): WheelMove[] {
  const lift = liftAllowed(terms);
  if (!lift) return [];
  const step = lift.mostMm / LIFTS;
  return Array.from({ length: LIFTS }, (_, i) => ({ kind: 'lift', change: { kind: lift.kind, mm: step * (i + 1) } }));
}

/** Spacers that are tried; none where they may never be used, or one is there already. */
export const stackMoves = (job: Job, axle: AxleName, setup: Setup): WheelMove[] =>
  ruleInForce('spacers', job) === 'never' || (setup[axle]?.stack ?? []).some(({ kind }) => kind !== 'ring')
    ? []
    : SPACERS_MM.map((addMm) => ({ kind: 'stack', addMm }));

/** Offsets that are tried, nearest first. */
export const offsetMoves = (): WheelMove[] =>
  OFFSETS_MM.flatMap((mm): WheelMove[] => [-mm, mm].map((byMm) => ({ kind: 'offset', byMm })));

/** The moves of one kind, least first. */
export const movesOf = (kind: WheelMove['kind'], job: Job, setup: Setup, axle: AxleName): WheelMove[] =>
  kind === 'lift' ? liftMoves(job) : kind === 'stack' ? stackMoves(job, axle, setup) : offsetMoves();
