import { checkOf, usedShare, type Check, type RingFigure, type SetupReport } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { bitOf, needsOf, type Needs } from './needs';
import { rankOf } from './score';

/** What checks say together: which fail, how bad the worst verdict is, and the tightest share of room. */
export interface Seen {
  fails: number;
  rank: number;
  share: number;
}

/** Checks by what they look at. */
export type SeenBy = Record<Needs, Seen>;

/** The target is ranked for itself: how near a face is to where it should be is no lack of room. */
const TARGETED: readonly string[] = ['fender', 'coverage'];

type Ringed = RingFigure & Pick<Check, 'code'>;

const isRoom = ({ code }: Pick<Check, 'code'>): boolean => {
  const { group, kind } = checkOf(code);
  return (group === 'room' || group === 'brake') && kind === 'clearance' && !TARGETED.includes(code);
};

/** How full the ring of a check of room is; 0 of every other. */
export const roomShareOf = (check: Ringed): number => (isRoom(check) ? (usedShare(check) ?? 0) : 0);

const nothing = (): Seen => ({ fails: 0, rank: 0, share: 0 });

/** The checks that a combination is judged by: of the axles looked for, and of the whole car. */
export const judgedBy = (report: SetupReport, axles: readonly AxleName[]): Check[] => [
  ...axles.flatMap((axle) => report[axle].checks),
  ...report.checks,
];

/** What a report says, by what its checks look at. */
export function seenIn(report: SetupReport, axles: readonly AxleName[]): SeenBy {
  const seen: SeenBy = {
    hardware: nothing(),
    tire: nothing(),
    rim: nothing(),
    place: nothing(),
    sweep: nothing(),
    each: nothing(),
  };
  for (const axle of axles) for (const check of report[axle].checks) add(seen, check);
  for (const check of report.checks) add(seen, check);
  return seen;
}

function add(seen: SeenBy, check: Check): void {
  const one = seen[needsOf(check.code)];
  const rank = rankOf(check.verdict);
  if (check.verdict === 'fail') one.fails |= bitOf(check.code);
  if (rank > one.rank) one.rank = rank;
  const share = roomShareOf(check);
  if (share > one.share) one.share = share;
}

/** Several taken together. */
export const together = (...seen: readonly Seen[]): Seen => {
  const all = nothing();
  for (const { fails, rank, share } of seen) {
    all.fails |= fails;
    if (rank > all.rank) all.rank = rank;
    if (share > all.share) all.share = share;
  }
  return all;
};
