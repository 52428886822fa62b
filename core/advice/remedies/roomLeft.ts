import type { AxleName, Job, Setup, SetupAxle, StackPart, SuspensionChange, Terms, SetupOnAxle } from '#core/job';
import { sweep, type PlacedPart } from '#core/sweep';
import { WORST_FIRST } from '#core/verdict';
import {
  evaluateSetup,
  type AxleReport,
  type ObstacleReport,
  sureMm,
  type ObstacleSpreads,
  candidateCase,
  enoughMm,
  NO_SWEEPS,
  type SweepSource,
  type Check,
  checkOf,
} from '#core/evaluate';
import type { WheelMove } from './remedy';

/** The room of an axle with something done. */
export interface RoomNow {
  /** Checks of room: face, gaps, parts, cover, brake. */
  room: Check[];
  /** Checks of what holds the wheel. */
  held: Check[];
  obstacles: ObstacleReport[];
}

/** Parts that have given way, by their ids; null for one that was taken off. */
export type Given = ReadonlyMap<string, PlacedPart | null>;
const NOTHING_GIVEN: Given = new Map();

/** Whose room is looked at, and what was done to the parts around it. */
interface RoomAsk extends SetupOnAxle {
  /** How sure the clearances of its parts are. */
  sure: ObstacleSpreads;
  given?: Given;
  /** Everything told exactly; else what stays far is told roughly. */
  exact?: boolean;
}

/**
 * The room of one axle of a setup, swept past the parts as they stand after what was done to them.
 */
export function roomOf({ job, setup, axle, sure, given = NOTHING_GIVEN, exact = false }: RoomAsk): RoomNow {
  const sweeps: SweepSource = {
    present: () => undefined,
    candidate(_job, _setup, name) {
      if (name !== axle) return undefined;
      const one = candidateCase(job, setup, axle);
      if (!one) return null;
      const parts = one.parts.flatMap((part) => (given.has(part.id) ? (given.get(part.id) ?? []) : part));
      return sweep({ ...one, parts, ...(exact ? {} : { enoughMm: enoughMm(job, axle) }) });
    },
    spread: () => () => sure,
  };
  return roomIn(evaluateSetup(job, setup, { sweeps })[axle]);
}

/** The room at rest alone: what a sweep need not be made for where it is short already. */
const restingRoom = (job: Job, setup: Setup, axle: AxleName): RoomNow =>
  roomIn(evaluateSetup(job, setup, { sweeps: NO_SWEEPS })[axle]);

function roomIn({ checks, obstacles }: AxleReport): RoomNow {
  return {
    room: checks.filter(({ code }) => checkOf(code).work === 'room'),
    held: checks.filter(({ code }) => checkOf(code).work === 'held'),
    obstacles,
  };
}

type Judgement = Pick<Check, 'code' | 'verdict' | 'value' | 'limit' | 'margin' | 'plusMinus' | 'touchProbability'>;

/** Whether a check asks for room that is not there, or not surely; a rub that was accepted does not. */
export const isShort = ({ verdict, margin, code, limit }: Judgement): boolean =>
  verdict === 'fail' ||
  (verdict === 'caution' && (code === 'fender' || (margin !== null && (margin < 0 || (limit ?? 0) >= 0))));

/**
 * How much room a check lacks, mm: to its limit, and for the chance of contact to be no more than the shop takes. Null
 * where that is no matter of room.
 */
export function lackMm(check: Judgement, terms: Terms): number | null {
  const { value, margin, limit, plusMinus, touchProbability } = check;
  if (margin === null || value === null) return null;
  if (plusMinus === null || touchProbability === null || (limit ?? 0) < 0) return -margin;
  return Math.max(-margin, sureMm(plusMinus, terms) - value);
}

/** A check that is worse off than before, with the room it lost in its own unit; null where that cannot be told. */
export interface WorseOff {
  code: string;
  label: string;
  byMm: number | null;
}

const NOTICED_MM = 0.05;
/** How near a limit counts as met after a sweep, mm. */
export const MET_MM = 0.1;

/** What lost room, or is judged worse, by what was done. */
export function worseOff(before: readonly Check[], after: readonly Check[]): WorseOff[] {
  return before.flatMap((was): WorseOff[] => {
    const is = after.find(({ code }) => code === was.code);
    if (!is) return [];
    const lost = was.margin === null || is.margin === null ? null : was.margin - is.margin;
    const judged = WORST_FIRST.indexOf(is.verdict) < WORST_FIRST.indexOf(was.verdict);
    return judged || (lost !== null && lost > NOTICED_MM) ? [{ code: was.code, label: is.label, byMm: lost }] : [];
  });
}

/** Spacers of this thickness and more are made with a lip of their own (common practice, no source). */
const OWN_LIP_FROM_MM = 10;

/** A setup with its wheel moved, or its suspension raised; null where it cannot be. */
export function movedSetup({ job, setup, axle, remedy }: SetupOnAxle & { remedy: WheelMove }): Setup | null {
  const on: SetupAxle = setup[axle] ?? {};
  if (remedy.kind === 'lift') {
    const before = setup.suspensionChange?.[axle];
    if (before && before.mm !== 0 && before.kind !== remedy.change.kind) return null;
    const change: SuspensionChange = { kind: remedy.change.kind, mm: (before?.mm ?? 0) + remedy.change.mm };
    return { ...setup, suspensionChange: { ...setup.suspensionChange, [axle]: change } };
  }
  if (remedy.kind === 'offset') {
    const { wheel } = on;
    if (wheel?.offsetMm == null && wheel?.backspacingMm == null) return null;
    const moved =
      wheel.offsetMm == null
        ? { ...wheel, backspacingMm: wheel.backspacingMm! + remedy.byMm }
        : { ...wheel, offsetMm: wheel.offsetMm + remedy.byMm };
    return { ...setup, [axle]: { ...on, wheel: moved } };
  }
  const { boreMm, lipHeightMm } = job.vehicle[axle]?.hub ?? {};
  const own =
    remedy.addMm >= OWN_LIP_FROM_MM && boreMm != null ? { outerLipMm: boreMm, lipMm: lipHeightMm ?? null } : {};
  const spacer: StackPart = {
    kind: 'slip-on',
    thicknessMm: remedy.addMm,
    ...(boreMm == null ? {} : { innerBoreMm: boreMm }),
    ...own,
  };
  return { ...setup, [axle]: { ...on, stack: [spacer, ...(on.stack ?? [])] } };
}

/** The room with the wheel moved or the car raised, each way judged once; null where it cannot be moved so. */
export type MoveRooms = (moves: readonly WheelMove[]) => { setup: Setup; resting: RoomNow; swept(): RoomNow } | null;

/** @param now the room as it is: that of no move at all */
export function moveRooms({
  job,
  setup,
  axle,
  now,
  sure,
}: SetupOnAxle & { now: RoomNow; sure: ObstacleSpreads }): MoveRooms {
  const known = new Map<string, ReturnType<MoveRooms>>();
  return (moves) => {
    if (moves.length === 0) return { setup, resting: now, swept: () => now };
    const key = JSON.stringify(moves);
    const judged = known.get(key);
    if (judged !== undefined) return judged;
    let moved: Setup | null = setup;
    for (const move of moves) moved = moved && movedSetup({ job, setup: moved, axle, remedy: move });
    const found = moved && lazily({ job, setup: moved, axle, sure });
    known.set(key, found);
    return found;
  };
}

/**
 * How much a part needs: up to its limit and until it surely clears, or where a rub is accepted at full lock only, not
 * to be touched short of it.
 */
export function needOf(
  { clearanceMm, limitMm, beforeLockMm, verdict }: ObstacleReport,
  check: Judgement,
  terms: Terms,
): number {
  if (clearanceMm === null) return 0;
  const atLock = verdict === 'fail' && beforeLockMm !== null ? -beforeLockMm : 0;
  return Math.max(0, lackMm(check, terms) ?? 0, limitMm < 0 ? atLock : 0);
}

function lazily({
  job,
  setup,
  axle,
  sure,
}: SetupOnAxle & { sure: ObstacleSpreads }): NonNullable<ReturnType<MoveRooms>> {
  let swept: RoomNow | undefined;
  return { setup, resting: restingRoom(job, setup, axle), swept: () => (swept ??= roomOf({ job, setup, axle, sure })) };
}
