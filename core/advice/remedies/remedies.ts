import type { SetupOnAxle } from '#core/job';
import { cutBack, rungsOf, WORK_CAUTIONS, type Patch, type Stretch } from '#core/remedy';
import { atOnce, within, type Steps } from '#core/progress';
import { sweep } from '#core/sweep';
import { wordsIn, type UnitChoice, type Words } from '#core/units';
import { clearanceVerdict, type Verdict } from '#core/verdict';
import {
  axleParts,
  type AxlePart,
  obstacleSlopes,
  candidateCase,
  hubHeightMm,
  type ObstacleReport,
} from '#core/evaluate';
import { movesOf, workAllowed } from './moves';
import {
  isShort,
  MET_MM,
  movedSetup,
  moveRooms,
  needOf,
  roomOf,
  worseOff,
  type MoveRooms,
  type RoomNow,
  type WorseOff,
} from './roomLeft';
import {
  aftercareOf,
  effortLine,
  remedyEffort,
  wayWords,
  LIFT_CAUTION,
  type Effort,
  type Remedy,
  type WheelMove,
} from './remedy';
import { proposals, type Proposal } from './cheapest';

/** One remedy at a part, tried: what it does to it, and to everything else. */
export interface Tried extends Effort {
  remedy: Remedy;
  /** What is done, at this part. */
  words: string;
  /** By brief or shop defaults; what is not allowed is shown, never proposed. */
  allowed: boolean;
  structural: boolean;
  /** What is left at the part with it, and what that is judged. */
  clearanceMm: number | null;
  verdict: Verdict;
  /** Whether the part has its limit with it. */
  enough: boolean;
  /** What else loses room by it. */
  worse: WorseOff[];
  caution: string | null;
  /** What is still to be done afterwards; null for a wheel that stands elsewhere. */
  aftercare: string | null;
  working: string[];
}

/** A part short of its limit: how much must go, where, and the ways to it. */
export interface ShortPart {
  id: string;
  label: string;
  clearanceMm: number;
  limitMm: number;
  needMm: number;
  patch: Patch | null;
  /** The patch in words. */
  where: string;
  /**
   * Height over the ground of where the hub's center stands as the part was placed, to read the patch from there; null
   * without a tire.
   */
  groundMm: number | null;
  ladder: Tried[];
}

/** What would make a setup fit on an axle. */
export interface AxleRemedies {
  /** Whether everything has its limit as it is, and what has not. */
  clears: boolean;
  short: { code: string; label: string; margin: number | null }[];
  parts: ShortPart[];
  /** The cheapest of the sets that clear: with this wheel, and where it is cheaper with another offset. */
  proposals: Proposal[];
  /** How many sets of lift, spacer and offset were tried, each with the gentlest work that goes far enough. */
  tried: number;
  /** Why there is none. */
  stuck: string[];
}

/** Whose remedies are asked for, and the unit their working is written in. */
type RemedyAsk = SetupOnAxle & { unit?: UnitChoice | undefined };

/**
 * What would make a setup fit on an axle: for every part short of its limit how much must go and where, the ladder of
 * remedies with what each does by the sweep, and the cheapest set that gives everything its limit. Lengths mm.
 * @returns a generator that yields the share done
 */
export function* remedySteps({ job, setup, axle, unit = 'mm' }: RemedyAsk): Steps<AxleRemedies> {
  const words = wordsIn(unit);
  const sure = obstacleSlopes(job, setup, axle);
  const now = roomOf({ job, setup, axle, sure, exact: true });
  const short = now.room.filter(isShort).map(({ code, label, margin }) => ({ code, label, margin }));
  const found: AxleRemedies = { clears: short.length === 0, short, parts: [], proposals: [], tried: 0, stuck: [] };
  yield 0.1;
  if (found.clears) return found;
  const { parts } = axleParts(job.vehicle, axle);
  const rooms = moveRooms({ job, setup, axle, now, sure });
  const searched = yield* within(proposals({ job, setup, axle, sure, words }, rooms), 0.1, 0.6);
  const shortParts = now.obstacles.filter((part) => isShort(checkOf(now, part.id)!));
  for (const [done, report] of shortParts.entries()) {
    const part = parts.find(({ obstacle }) => obstacle.id === report.id)!;
    found.parts.push(shortPart({ one: { job, setup, axle, now, words }, part, report, rooms }));
    yield 0.7 + (0.3 * (done + 1)) / shortParts.length;
  }
  return { ...found, ...searched };
}

/** The same at one go. */
export const remediesOf = ({ job, setup, axle, unit = 'mm' }: RemedyAsk): AxleRemedies =>
  atOnce(remedySteps({ job, setup, axle, unit }));

const checkOf = ({ room }: RoomNow, id: string) => room.find(({ code }) => code === `obstacle:${id}`);

/** More than is ever taken from a part, mm. */
const MOST_MM = 200;

/** How much must go, and why. */
const needLine = ({ limitMm, clearanceMm }: ObstacleReport, needMm: number, words: Words): string => {
  const byLimit = limitMm - clearanceMm!;
  return needMm > byLimit + 0.05
    ? `${words.length(needMm)} must go: to clear for certain, or short of full lock, it needs more than the limit` +
        ` of ${words.length(limitMm)}`
    : `limit ${words.figure(limitMm)} − clearance ${words.figure(clearanceMm!)} = ${words.length(needMm)} must go`;
};

interface Case extends SetupOnAxle {
  now: RoomNow;
  words: Words;
}

function shortPart({
  one,
  part,
  report,
  rooms,
}: {
  one: Case;
  part: AxlePart;
  report: ObstacleReport;
  rooms: MoveRooms;
}): ShortPart {
  const { job, setup, axle, now, words } = one;
  const needMm = needOf(report, checkOf(now, report.id)!, job);
  const swept = candidateCase(job, setup, axle)!;
  const target = report.clearanceMm! + needMm;
  const groundMm = hubHeightMm({ job, setup, axle, mount: report.mount });
  const { patch } = cutBack({ one: swept, part: part.placed!, targetMm: target, mostMm: MOST_MM });
  const worked = rungsOf(part.obstacle).map((rung): Tried => {
    const off = rung.work === 'remove';
    const cut = off ? null : cutBack({ one: swept, part: part.placed!, targetMm: target, mostMm: rung.reachMm });
    const clearanceMm = cut && sweep({ ...swept, parts: [cut.part] }).parts[0]!.clearanceMm;
    const remedy: Remedy = { kind: 'work', part: report.id, work: rung.work, mm: cut?.givenMm ?? 0 };
    const effort = remedyEffort(job, remedy, [part.obstacle]);
    const enough = clearanceMm === null || clearanceMm >= target - MET_MM;
    return {
      remedy,
      ...effort,
      words: wayWords(remedy, words),
      allowed: workAllowed(job, rung.work),
      structural: rung.structural,
      clearanceMm,
      verdict: enough ? 'ok' : clearanceVerdict(clearanceMm, report.limitMm - MET_MM),
      enough,
      worse: [],
      caution: WORK_CAUTIONS[rung.work],
      aftercare: aftercareOf(rung.work, part.obstacle),
      working: [
        needLine(report, needMm, words),
        clearanceMm === null
          ? 'removed: nothing left there to touch'
          : `it can give up to ${words.length(rung.reachMm)}, ${words.length(remedy.mm)} at its deepest: swept again,` +
            ` ${words.length(clearanceMm)} are left`,
        effortLine(effort, words),
      ],
    };
  });
  return {
    id: report.id,
    label: report.label,
    clearanceMm: report.clearanceMm!,
    limitMm: report.limitMm,
    needMm,
    patch,
    where: patchWords(patch, groundMm, words),
    groundMm,
    ladder: [...worked, ...movesFor({ case: one, report, target, rooms })],
  };
}

/** The least lift, spacer and change of offset that give one part its limit, each with what else it does. */
function movesFor({
  case: { job, setup, axle, now, words },
  report,
  target,
  rooms,
}: {
  case: Case;
  report: ObstacleReport;
  target: number;
  rooms: MoveRooms;
}): Tried[] {
  const clears = (move: WheelMove): boolean => {
    const moved = movedSetup({ job, setup, axle, remedy: move });
    const one = moved && candidateCase(job, moved, axle);
    const part = one?.parts.find(({ id }) => id === report.id);
    return one != null && part !== undefined && sweep({ ...one, parts: [part] }).parts[0]!.clearanceMm >= target - 0.02;
  };
  const offsets = movesOf({ kind: 'offset', job, setup, axle }) as (WheelMove & { kind: 'offset' })[];
  const ways = [
    movesOf({ kind: 'lift', job, setup, axle }),
    movesOf({ kind: 'stack', job, setup, axle }),
    offsets.filter(({ byMm }) => byMm < 0),
    offsets.filter(({ byMm }) => byMm > 0),
  ];
  return ways.flatMap((moves): Tried[] => {
    const remedy = leastThat(moves, clears);
    const moved = remedy && rooms([remedy]);
    if (!moved) return [];
    const room = moved.swept();
    const after = room.obstacles.find(({ id }) => id === report.id)!;
    const effort = remedyEffort(job, remedy, []);
    return [
      {
        remedy,
        ...effort,
        words: wayWords(remedy, words),
        allowed: true,
        structural: false,
        clearanceMm: after.clearanceMm,
        verdict: after.verdict,
        enough: true,
        worse: worseOff([...now.room, ...now.held], [...room.room, ...room.held]),
        caution: remedy.kind === 'lift' ? LIFT_CAUTION : null,
        aftercare: null,
        working: [`swept again: at least ${words.length(after.clearanceMm!)} left`, effortLine(effort, words)],
      },
    ];
  });
}

/** The first of several moves, each going further than the one before, that does it; null where the last does not. */
function leastThat(moves: readonly WheelMove[], does: (move: WheelMove) => boolean): WheelMove | null {
  const last = moves.at(-1);
  if (!last || !does(last)) return null;
  let [low, high] = [0, moves.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (does(moves[middle]!)) high = middle;
    else low = middle + 1;
  }
  return moves[high]!;
}

/** Where a patch is, stretch by stretch: clock angles and height over the ground; words for a person with a rule. */
function patchWords(patch: Patch | null, groundMm: number | null, words: Words): string {
  if (!patch) return 'nowhere';
  const stretches = patch.stretches.map((stretch) => stretchWords(stretch, groundMm, words));
  const over = groundMm === null ? "hub's center" : 'ground';
  const single = patch.single ? '; measured at one place, check how far it runs' : '';
  return `${stretches.join(', and ')} over the ${over}${single}`;
}

function stretchWords({ clockDeg: [from, to], upMm }: Stretch, groundMm: number | null, words: Words): string {
  const angle = (deg: number): string =>
    Math.abs(deg) < 0.5 ? 'the top' : `${Math.round(Math.abs(deg))}° ${deg > 0 ? 'ahead' : 'behind'}`;
  const clock = Math.abs(to - from) < 1 ? `at ${angle(from)}` : `from ${angle(from)} to ${angle(to)}`;
  const [low, high] = upMm.map((mm) => mm + (groundMm ?? 0)) as [number, number];
  return `${clock}, ${high - low < 1 ? words.length(low) : `${words.figure(low)} to ${words.length(high)}`}`;
}
