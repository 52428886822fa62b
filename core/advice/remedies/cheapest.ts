import type { Job, Setup, SetupOnAxle } from '#core/job';
import { cutBack, rungsOf, WORK_CAUTIONS, type Rung } from '#core/remedy';
import type { Steps } from '#core/progress';
import type { PlacedPart, SweepCase } from '#core/sweep';
import type { Words } from '#core/units';
import { axleParts, type AxlePart, type ObstacleReport, type ObstacleSpreads, candidateCase } from '#core/evaluate';
import { liftAllowed, liftMoves, offsetMoves, stackMoves, workAllowed } from './moves';
import {
  aftercareOf,
  effortLine,
  effortOf,
  remedyEffort,
  remedyWords,
  LIFT_CAUTION,
  type Effort,
  type Remedy,
  type WheelMove,
} from './remedy';
import { isShort, lackMm, MET_MM, needOf, roomOf, worseOff, type MoveRooms, type WorseOff } from './roomLeft';

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
  /** What is still to be done afterwards, part by part. */
  aftercare: string[];
  working: string[];
  /** The setup with its wheel moved or its suspension raised; parts that give way are work on the car. */
  setup: Setup;
}

interface Option extends Effort {
  moves: WheelMove[];
  setup: Setup;
  works: Work[];
  structural: boolean;
}

/** A part that must give, with the ways that may go far enough, gentlest first. */
interface Work {
  part: AxlePart;
  report: ObstacleReport;
  needMm: number;
  rungs: readonly Rung[];
}

interface Found {
  proposals: Proposal[];
  tried: number;
  stuck: string[];
}

/** What is looked at: a setup on an axle, and how sure the clearances of its parts are. */
export interface Search extends SetupOnAxle {
  sure: ObstacleSpreads;
  words: Words;
}

/** What stood in the way, and how often. */
class Stuck {
  readonly #reasons = new Map<string, number>();
  add(reason: string): null {
    this.#reasons.set(reason, (this.#reasons.get(reason) ?? 0) + 1);
    return null;
  }
  /** The most frequent first; never none. */
  get first(): string[] {
    const sorted = [...this.#reasons.entries()].sort((one, other) => other[1] - one[1]).map(([reason]) => reason);
    return sorted.length > 0
      ? sorted.slice(0, 4)
      : ['no lift, spacer or modification that brief and shop defaults allow makes room'];
  }
}

/**
 * Looks for the cheapest of the sets that clear: every lift and spacer that may be used, alone and together, and for
 * each what parts still need, by the gentlest work that is allowed and goes far enough; then the same with wheels of
 * another offset. The cheapest of each is done and swept again.
 * @returns a generator that yields the share done
 */
export function* proposals(one: Search, rooms: MoveRooms): Steps<Found> {
  const { job, setup, axle } = one;
  const steps = liftMoves(job, setup, axle);
  // What the most lift does not clear, less does not either.
  const lifts: WheelMove[][] = [[], ...steps.slice(-1).map((move) => [move])];
  const stacks: WheelMove[][] = [[], ...stackMoves(job, axle, setup).map((move) => [move])];
  const asIs = lifts.flatMap((lift) => stacks.map((stack) => [...lift, ...stack]));
  const others = lifts.flatMap((lift) => offsetMoves().map((offset) => [...lift, offset]));
  const total = asIs.length + others.length;
  const stuck = new Stuck();
  if (steps.length === 0 && liftAllowed(job))
    stuck.add('the allowed lift is used up by the setup, or is of another kind than its own');
  const kept: Proposal[] = [];
  let done = 0;
  /** The same set with the least lift that does it. */
  const leastLift = (
    { proposal, moves }: { proposal: Proposal; moves: WheelMove[] },
    lower: readonly WheelMove[],
  ): Proposal | null => {
    const [lift, ...rest] = moves;
    if (lift?.kind !== 'lift') return null;
    for (const step of lower.slice(0, -1)) {
      const less = optionOf({ search: one, rooms, moves: [step, ...rest], stuck });
      const found = less && carriedOut({ search: one, rooms, option: less, stuck });
      if (found && !isCheaper(proposal, found)) return found;
    }
    return null;
  };
  for (const group of [asIs, others]) {
    const ordered = group
      .map((moves) => ({ moves, least: effortOf(moves.map((move) => remedyEffort(job, move, []))) }))
      .sort((a, b) => cheaper({ ...a.least, structural: false }, { ...b.least, structural: false }));
    let best: { proposal: Proposal; moves: WheelMove[] } | null = null;
    for (const { moves, least } of ordered) {
      done += 1;
      yield done / total;
      // The moves alone cost as much as all of the best: nothing cheaper comes of them.
      if (best && !isCheaper({ ...least, structural: false }, best.proposal)) continue;
      const option = optionOf({ search: one, rooms, moves, stuck });
      if (!option || (best && !isCheaper(option, best.proposal))) continue;
      const proposal = carriedOut({ search: one, rooms, option, stuck });
      if (proposal && (!best || isCheaper(proposal, best.proposal))) best = { proposal, moves };
    }
    if (best) kept.push(leastLift(best, steps) ?? best.proposal);
  }
  const [own, other] = kept;
  // Another wheel is worth a word only where it spares work or money.
  const proposed = own && other && !isCheaper(other, own) ? [own] : kept;
  return { proposals: proposed, tried: total, stuck: proposed.length > 0 ? [] : stuck.first };
}

const isCheaper = (one: Effort & { structural: boolean }, other: Effort & { structural: boolean }): boolean =>
  cheaper(one, other) < 0;

/** No structural cut before one; then by cost where every price is known, else by the time it takes. */
function cheaper(one: Effort & { structural: boolean }, other: Effort & { structural: boolean }): number {
  if (one.structural !== other.structural) return one.structural ? 1 : -1;
  if (one.cost !== null && other.cost !== null && one.cost !== other.cost) return one.cost - other.cost;
  return one.minutes - other.minutes;
}

function optionOf({
  search: { job, axle },
  rooms,
  moves,
  stuck,
}: {
  search: Search;
  rooms: MoveRooms;
  moves: WheelMove[];
  stuck: Stuck;
}): Option | null {
  const now = rooms([])!.swept();
  const moved = rooms(moves);
  if (!moved)
    return stuck.add(
      'the wheel cannot be moved that way: its offset is not known, or its suspension is changed already',
    );
  const lost = worseOff(now.held, moved.resting.held).find(({ code }) => code !== 'spacers');
  if (lost) return stuck.add(`${lost.label.toLowerCase()} would fail with the spacer`);
  // What is short at rest already is not helped by modifying the body: no sweep is needed to see that.
  const resting = moved.resting.room.find((check) => !check.code.startsWith('obstacle:') && isShort(check));
  if (resting) return stuck.add(`${resting.label.toLowerCase()}: modifying the body does not help`);
  // A brake that lacked room in this wheel does not gain it by another wheel's inside being unknown.
  const hidden = now.room.find(
    (was) =>
      isShort(was) &&
      moved.resting.room.some(
        ({ code, verdict }) => code === was.code && verdict === 'unknown' && code.startsWith('brake-'),
      ),
  );
  if (hidden) return stuck.add(`${hidden.label.toLowerCase()}: the inside of another wheel is not known`);
  const room = moved.swept();
  const works: Work[] = [];
  for (const check of room.room.filter(isShort)) {
    const report = room.obstacles.find(({ id }) => check.code === `obstacle:${id}`);
    const part = report && axleParts(job.vehicle, axle).parts.find(({ obstacle }) => obstacle.id === report.id);
    if (!report || !part) return stuck.add(`${check.label.toLowerCase()}: modifying the body does not help`);
    const needMm = needOf(report, check, job);
    const enough = rungsOf(part.obstacle).filter(({ reachMm }) => reachMm >= needMm);
    const rungs = enough.filter(({ work }) => workAllowed(job, work));
    if (rungs.length === 0) return stuck.add(reasonFor(part, report, enough.length > 0));
    works.push({ part, report, needMm, rungs });
  }
  return optionWith({ job, moves, setup: moved.setup, works });
}

/** An option with the gentlest of the ways that are left for each part. */
function optionWith({
  job,
  moves,
  setup,
  works,
}: {
  job: Job;
  moves: WheelMove[];
  setup: Setup;
  works: Work[];
}): Option {
  const all = [...moves, ...works.map((work) => remedyOf(work, work.rungs[0]!, work.needMm))];
  const effort = effortOf(
    all.map((remedy) =>
      remedyEffort(
        job,
        remedy,
        works.map(({ part }) => part.obstacle),
      ),
    ),
  );
  return { moves, setup, works, structural: works.some(({ rungs }) => rungs[0]!.structural), ...effort };
}

const remedyOf = ({ report }: Work, { work }: Rung, mm: number): Remedy & { kind: 'work' } => ({
  kind: 'work',
  part: report.id,
  work,
  mm,
});

function reasonFor({ obstacle }: AxlePart, { label }: ObstacleReport, exists: boolean): string {
  if (exists) return `${label}: what would help is not allowed`;
  if (obstacle.kind === undefined) return `${label}: its kind is not given, so no modification can be proposed`;
  return rungsOf(obstacle).length === 0
    ? `${label}: it cannot be modified`
    : `${label}: more is needed than it can give`;
}

/** What was done to a part: how, how deep, and where it stands then; null where it was taken off. */
interface Given {
  work: Work;
  rung: Rung;
  mm: number;
  part: PlacedPart | null;
}

/**
 * The gentlest way that gives a part all it needs, other poses that ask for more than the first among it; null where
 * none does.
 */
function giveWay(swept: SweepCase, work: Work): Given | null {
  for (const rung of work.rungs) {
    if (rung.work === 'remove') return { work, rung, mm: 0, part: null };
    const target = work.report.clearanceMm! + work.needMm + MET_MM / 2;
    const { part, givenMm, reached } = cutBack({
      one: swept,
      part: work.part.placed!,
      targetMm: target,
      mostMm: rung.reachMm,
    });
    if (reached) return { work, rung, mm: givenMm, part };
  }
  return null;
}

/** Does all of an option and sweeps again; null, with the reason, where that shows that something is still short. */
function carriedOut({
  search: { job, axle, sure, words },
  rooms,
  option,
  stuck,
}: {
  search: Search;
  rooms: MoveRooms;
  option: Option;
  stuck: Stuck;
}): Proposal | null {
  const now = rooms([])!.swept();
  const swept = candidateCase(job, option.setup, axle);
  const given: Given[] = [];
  for (const work of option.works) {
    const gave = giveWay(swept!, work);
    if (!gave) return stuck.add(`${work.report.label}: other wheel positions need more than it can give`);
    given.push(gave);
  }
  const parts = given.map(({ work }) => work.part.obstacle);
  const after = roomOf({
    job,
    setup: option.setup,
    axle,
    sure,
    given: new Map(given.map(({ work, part }) => [work.report.id, part])),
    exact: true,
  });
  const still = after.room.find((check) => isShort(check) && (lackMm(check, job) ?? Infinity) > MET_MM);
  if (still) return stuck.add(`${still.label.toLowerCase()} is still short with everything done`);
  const lost = worseOff(now.room, after.room);
  const least = after.room
    .filter(({ unit, margin }) => unit === 'mm' && margin !== null)
    .sort((one, other) => one.margin! - other.margin!)[0];
  const all: Remedy[] = [...option.moves, ...given.map(({ work, rung, mm }) => remedyOf(work, rung, mm))];
  const remedies = all.map((remedy) => ({
    remedy,
    words: remedyWords(remedy, parts, words),
    effort: remedyEffort(job, remedy, parts),
  }));
  const { minutes, cost } = effortOf(remedies.map(({ effort }) => effort));
  const budget = job.brief?.budget ?? null;
  return {
    remedies,
    minutes,
    cost,
    structural: given.some(({ rung }) => rung.structural),
    withinBudget: budget === null || cost === null ? null : cost <= budget + 1e-9,
    leastMarginMm: least?.margin ?? null,
    heldBy: least?.label ?? null,
    worse: lost,
    cautions: [
      ...new Set([
        ...given.map(({ rung }) => WORK_CAUTIONS[rung.work]),
        ...(option.moves.some(({ kind }) => kind === 'lift') ? [LIFT_CAUTION] : []),
        ...(option.moves.some(({ kind }) => kind === 'offset')
          ? ['Check the brake clearance of the other wheel.']
          : []),
      ]),
    ],
    aftercare: given.map(({ work, rung }) => `${work.report.label}: ${aftercareOf(rung.work, work.part.obstacle)}`),
    working: [
      ...remedies.map(({ words: what, effort }) => `${what}: ${effortLine(effort, words)}`),
      'swept again with everything done: least' +
        ` ${least ? `${words.length(least.margin!)} to spare at ${least.label.toLowerCase()}` : 'not known'}`,
      ...(budget === null
        ? []
        : [
            cost === null
              ? 'budget not known: a price is missing'
              : `${words.number(cost, 2)} against a budget of ${words.number(budget, 2)}`,
          ]),
    ],
    setup: option.setup,
  };
}
