import {
  ruleInForce,
  type AllowedRemedies,
  type AxleName,
  type Job,
  type Setup,
  type Terms,
  type SetupOnAxle,
} from '#core/job';
import type { Rung, BodyWork } from '#core/remedy';
import type { SuspensionChangeKind } from '#core/suspension';
import type { WheelMove } from './remedy';

/** Spacers as they are sold (common practice, no source), and how far a wheel's offset is tried either way, mm. */
const SPACERS_MM = [3, 5, 8, 10, 12, 15, 20, 25, 30];
const OFFSETS_MM = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20];
const LIFTS = 5;

/** Whether a kind of modification is allowed: as the brief says, else as the shop does, else not. */
export const workAllowed = ({ brief, house }: Terms, work: BodyWork): boolean =>
  brief?.remedies?.[work] ?? house?.remedies?.[work] ?? false;

/** How much room work on a part can make, of what brief and shop allow; structural cuts are never counted on. Mm. */
export const allowedReachMm = (terms: Terms, ladder: readonly Rung[]): number =>
  Math.max(
    0,
    ...ladder.filter(({ work, structural }) => !structural && workAllowed(terms, work)).map(({ reachMm }) => reachMm),
  );

/** How the car may be raised, and by how much at most; null where it may not. */
export function liftAllowed({ brief, house }: Terms): { kind: SuspensionChangeKind; mostMm: number } | null {
  const lift: AllowedRemedies['lift'] = brief?.remedies?.lift ?? house?.remedies?.lift;
  return lift?.mostMm == null || lift.mostMm <= 0 ? null : { kind: lift.kind ?? 'spring', mostMm: lift.mostMm };
}

/**
 * What is left of the lift that is allowed once the setup's own is counted; null where nothing is, or the setup's is of
 * another kind.
 */
export function liftLeft(
  terms: Terms,
  setup: Setup,
  axle: AxleName,
): { kind: SuspensionChangeKind; mostMm: number } | null {
  const lift = liftAllowed(terms);
  const own = setup.suspensionChange?.[axle];
  if (!lift || (own && own.mm !== 0 && own.kind !== lift.kind)) return null;
  const mostMm = lift.mostMm - (own?.mm ?? 0);
  return mostMm > 0 ? { kind: lift.kind, mostMm } : null;
}

/** Lifts that are tried: in even steps up to the most that is left of what is allowed. */
export function liftMoves(terms: Terms, setup: Setup, axle: AxleName): WheelMove[] {
  const lift = liftLeft(terms, setup, axle);
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
export const movesOf = ({ kind, job, setup, axle }: SetupOnAxle & { kind: WheelMove['kind'] }): WheelMove[] =>
  kind === 'lift' ? liftMoves(job, setup, axle) : kind === 'stack' ? stackMoves(job, axle, setup) : offsetMoves();
