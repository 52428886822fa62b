import type { AxleName, Job, Setup } from '#core/job';
import { cutBack, ladderOf, WORK_CAUTIONS } from '#core/remedy';
import type { Steps } from '#core/progress';
import type { PlacedPart } from '#core/sweep';
import type { Words } from '#core/units';
import { axleParts, type AxlePart } from '../parts';
import type { ObstacleReport } from '../report';
import { candidateCase } from '../sweeps';
import { liftMoves, offsetMoves, stackMoves, workAllowed } from './moves';
import {
  effortLine,
  effortOf,
  remedyEffort,
  remedyWords,
  LIFT_CAUTION,
  type Effort,
  type Remedy,
  type WheelMove,
} from './remedy';
import { isShort, MET_MM, needOf, roomOf, worseOff, type MoveRooms, type RoomNow, type WorseOff } from './room';

/** A set of remedies that gives everything on an axle its limit. */
export interface Proposal extends Effort {
  remedies: { remedy: Remedy; words: string; effort: Effort }[];
  structural: boolean;
  /** Whether it costs no more than the budget; null where there is none, or a price is missing. */
  withinBudget: boolean | null;
  /** Least room left over the limits with all of it done, mm, and what holds that. */
  leastMarginMm: number | null;
  heldBy: string | null;
  /** What loses room by it, though it keeps its limit. */
  worse: WorseOff[];
  cautions: string[];
  working: string[];
  /** The setup with its wheel moved or its suspension raised; parts that give way are work on the car. */
  setup: Setup;
}

interface Option extends Effort {
  moves: WheelMove[];
  setup: Setup;
  works: { remedy: Remedy & { kind: 'work' }; part: AxlePart; structural: boolean; report: ObstacleReport }[];
  structural: boolean;
}

interface Found {
  proposals: Proposal[];
  stuck: string[];
}

/**
 * Looks for the cheapest set: every lift and spacer that may be used, alone and together, and for each what parts still need, by the gentlest
 * work that is allowed and goes far enough; then the same with wheels of another offset. The cheapest of each is done and swept anew.
 * @returns a generator that yields the share done
 */
export function* proposals(job: Job, setup: Setup, axle: AxleName, rooms: MoveRooms, words: Words): Steps<Found> {
  const now = rooms([])!.swept();
  const steps = liftMoves(job);
  // What the most lift does not clear, less does not either.
  const lifts: WheelMove[][] = [[], ...steps.slice(-1).map((move) => [move])];
  const stacks: WheelMove[][] = [[], ...stackMoves(job, axle, setup).map((move) => [move])];
  const asIs = lifts.flatMap((lift) => stacks.map((stack) => [...lift, ...stack]));
  const others = lifts.flatMap((lift) => offsetMoves().map((offset) => [...lift, offset]));
  const groups = [asIs, others];
  const total = asIs.length + others.length;
  const stuck = new Map<string, number>();
  const kept: Proposal[] = [];
  let done = 0;
  /** The same set with the least lift that does it. */
  const leastLift = ({ option }: { option: Option }, lower: readonly WheelMove[]): Proposal | null => {
    const [lift, ...rest] = option.moves;
    if (lift?.kind !== 'lift') return null;
    for (const step of lower.slice(0, -1)) {
      const less = optionOf(job, axle, rooms, [step, ...rest], stuck);
      const proposal = less && !isCheaper(option, less) ? carriedOut(job, axle, now, less, words) : null;
      if (proposal) return proposal;
    }
    return null;
  };
  for (const group of groups) {
    const ordered = group
      .map((moves) => ({ moves, least: effortOf(moves.map((move) => remedyEffort(job, move, []))) }))
      .sort((one, other) => cheaper({ ...one.least, structural: false }, { ...other.least, structural: false }));
    let best: { option: Option; proposal: Proposal } | null = null;
    for (const { moves, least } of ordered) {
      done += 1;
      yield done / total;
      // The moves alone cost as much as all of the best: nothing cheaper comes of them.
      if (best && !isCheaper({ ...least, structural: false }, best.option)) continue;
      const option = optionOf(job, axle, rooms, moves, stuck);
      if (!option || (best && !isCheaper(option, best.option))) continue;
      const proposal = carriedOut(job, axle, now, option, words);
      if (proposal) best = { option, proposal };
    }
    if (best) kept.push(leastLift(best, steps) ?? best.proposal);
  }
  const [own, other] = kept;
  // Another wheel is worth a word only where it spares work or money.
  const proposed = own && other && !isCheaper(other, own) ? [own] : kept;
  return { proposals: proposed, stuck: proposed.length > 0 ? [] : reasons(stuck) };
} // prettier-ignore

/** What stood in the way most often, first. */
const reasons = (stuck: ReadonlyMap<string, number>): string[] =>
  [...stuck.entries()].sort((one, other) => other[1] - one[1]).map(([reason]) => reason).slice(0, 4); // prettier-ignore

const isCheaper = (one: Effort & { structural: boolean }, other: Effort & { structural: boolean }): boolean =>
  cheaper(one, other) < 0;

/** No structural cut before one; then by cost where every price is known, else by the time it takes. */
function cheaper(one: Effort & { structural: boolean }, other: Effort & { structural: boolean }): number {
  if (one.structural !== other.structural) return one.structural ? 1 : -1;
  if (one.cost !== null && other.cost !== null && one.cost !== other.cost) return one.cost - other.cost;
  return one.minutes - other.minutes;
}

function optionOf(job: Job, axle: AxleName, rooms: MoveRooms, moves: WheelMove[], stuck: Map<string, number>): Option | null {
  const now = rooms([])!.swept();
  const moved = rooms(moves);
  if (!moved) return null;
  const blocked = (reason: string): null => {
    stuck.set(reason, (stuck.get(reason) ?? 0) + 1);
    return null;
  };
  const lost = worseOff(now.held, moved.resting.held).find(({ code }) => code !== 'spacers');
  if (lost) return blocked(`${lost.label.toLowerCase()} would not hold with the spacer`);
  // What is short at rest already is not met by work on the body: no sweep is needed to see that.
  const resting = moved.resting.room.find((check) => !check.code.startsWith('obstacle:') && isShort(check));
  if (resting) return blocked(`${resting.label.toLowerCase()} is not met by work on the body`);
  // A brake that lacked room in this wheel does not gain it by another wheel's inside being unknown.
  const hidden = now.room.find((was) => isShort(was) && moved.resting.room.some(({ code, verdict }) => code === was.code && verdict === 'unknown' && code.startsWith('brake-')));
  if (hidden) return blocked(`${hidden.label.toLowerCase()}: the inside of another wheel is not known`);
  const room = moved.swept();
  const works: Option['works'] = [];
  for (const check of room.room.filter(isShort)) {
    const report = room.obstacles.find(({ id }) => check.code === `obstacle:${id}`);
    const part = report && axleParts(job.vehicle, axle).parts.find(({ obstacle }) => obstacle.id === report.id);
    if (!report || !part) return blocked(`${check.label.toLowerCase()} is not met by work on the body`);
    const needMm = needOf(report);
    const enough = ladderOf(part.obstacle).filter(({ reachMm }) => reachMm >= needMm);
    const rung = enough.find(({ work }) => workAllowed(job, work));
    if (!rung) return blocked(reasonFor(part, report, enough.length > 0));
    works.push({ remedy: { kind: 'work', part: report.id, work: rung.work, mm: needMm }, part, structural: rung.structural, report });
  }
  const parts = works.map(({ part }) => part.obstacle);
  const effort = effortOf([...moves, ...works.map(({ remedy }) => remedy)].map((remedy) => remedyEffort(job, remedy, parts)));
  return { moves, setup: moved.setup, works, structural: works.some(({ structural }) => structural), ...effort };
} // prettier-ignore

function reasonFor({ obstacle }: AxlePart, { label }: ObstacleReport, exists: boolean): string {
  if (exists) return `${label}: what would help is not allowed by the brief`;
  if (obstacle.kind === undefined) return `${label}: nobody said what part it is, so no work on it can be proposed`;
  return ladderOf(obstacle).length === 0
    ? `${label}: it is not worked on`
    : `${label}: it needs more than can be taken from it`;
}

/** Does all of an option and sweeps anew; null where that shows that something is still short. */
function carriedOut(job: Job, axle: AxleName, now: RoomNow, option: Option, words: Words): Proposal | null {
  const swept = candidateCase(job, option.setup, axle);
  const given = new Map<string, PlacedPart>();
  for (const { part, remedy, report } of option.works)
    given.set(remedy.part, cutBack(swept!, part.placed!, report.clearanceMm! + remedy.mm + MET_MM / 2, remedy.mm + MET_MM).part);
  const after = roomOf(job, option.setup, axle, given, true);
  if (after.room.some((check) => isShort(check) && (check.margin ?? -Infinity) < -MET_MM)) return null;
  const lost = worseOff(now.room, after.room);
  const least = after.room
    .filter(({ unit, margin }) => unit === 'mm' && margin !== null)
    .sort((one, other) => one.margin! - other.margin!)[0];
  const parts = option.works.map(({ part }) => part.obstacle);
  const all: Remedy[] = [...option.moves, ...option.works.map(({ remedy }) => remedy)];
  const remedies = all.map((remedy) => ({ remedy, words: remedyWords(remedy, parts, words), effort: remedyEffort(job, remedy, parts) }));
  const { minutes, cost } = option;
  const budget = job.brief?.budget ?? null;
  return {
    remedies,
    minutes,
    cost,
    structural: option.structural,
    withinBudget: budget === null || cost === null ? null : cost <= budget + 1e-9,
    leastMarginMm: least?.margin ?? null,
    heldBy: least?.label ?? null,
    worse: lost,
    cautions: [...new Set([
      ...option.works.map(({ remedy }) => WORK_CAUTIONS[remedy.work]),
      ...(option.moves.some(({ kind }) => kind === 'lift') ? [LIFT_CAUTION] : []),
      ...(option.moves.some(({ kind }) => kind === 'offset') ? ['The brake room of another wheel must be looked at anew.'] : []),
    ])],
    working: [
      ...remedies.map(({ words: what, effort }) => `${what}: ${effortLine(effort, words)}`),
      `swept anew with all of it: least ${least ? `${words.length(least.margin!)} over its limit at ${least.label.toLowerCase()}` : 'not known'}`,
      ...(budget === null ? [] : [cost === null ? 'whether the budget is kept is not known: a price is missing' : `${words.number(cost, 2)} against a budget of ${words.number(budget, 2)}`]),
    ],
    setup: option.setup,
  };
} // prettier-ignore
