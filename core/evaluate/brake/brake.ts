import {
  brakeRoom,
  faceIsOf,
  stackToClearMm,
  UNSEEN_MM,
  type AxialPoint,
  type BrakeRoom,
  type Caliper,
  type Clearance,
  type InnerFace,
} from '#core/brake';
import type { Terms } from '#core/job';
import { offsetFigure, rimFigure } from '#core/units';
import { clearanceVerdict, limitInForce, worstVerdict, type Limit, type Verdict } from '#core/verdict';
import type { Fitted } from '../fit';
import { NO_BRAKE, type BrakeReport, type NearPlaces } from '../report';
import { brakeSpread, contactLimit, surely, type Sure } from '../spread';

/** The room to one part of a wheel, judged. */
export interface PartRoom {
  to: 'spoke' | 'barrel' | 'weight';
  /** What it is measured on, in words. */
  on: 'spokes' | 'barrel';
  clearance: Clearance | null;
  limit: Limit;
  /** How far the brake reaches past where that part was measured, mm. */
  unseenMm: number;
  verdict: Verdict;
}

/** A brake in a wheel, judged. */
export interface BrakeCase {
  report: BrakeReport;
  room: BrakeRoom | null;
  parts: PartRoom[];
  stackMm: number | null;
  spokeLimit: Limit;
  barrelLimit: Limit;
  /** Why nothing is known, where nothing is. */
  missing: string | null;
  caliper: Caliper | undefined;
  face: InnerFace | undefined;
  sure: Sure;
  /** The most chance of contact with which it still clears, as a share. */
  mostTouch: number;
  /** The wheel is the one on the car now, moved out by so much; null where it is another, or further in. */
  movedOutMm: number | null;
}

/** The limits of a brake's room that are in force. */
export const brakeLimits = (terms: Terms) => ({
  spokeLimit: limitInForce('brakeSpokeMm', terms),
  barrelLimit: limitInForce('brakeBarrelMm', terms),
});

/**
 * The room of a car's brake in a candidate's wheel, behind its stack. Unknown without the brake's outline or the wheel's inner face, and for a
 * wheel of another width or offset than the face was read on. The wheel that is on the car now clears its brake, and behind more of a stack
 * its spokes stand further away; its barrel moves along its axis, and is turned by hand where nobody read it.
 * @param present the wheel on the car now
 */
export function brakeOf(
  caliper: Caliper | undefined,
  fitted: Pick<Fitted, 'wheel' | 'offsetMm' | 'stackMm'>,
  terms: Terms,
  present: Pick<Fitted, 'wheel' | 'offsetMm' | 'stackMm'> | null = null,
): BrakeCase {
  const { wheel, offsetMm, stackMm } = fitted;
  const same = present !== null && isSameWheel(fitted, present);
  const face = wheel.innerFace ?? (same ? present.wheel.innerFace : undefined);
  const outline = caliper?.outline;
  const limits = brakeLimits(terms);
  const other = face && faceIsOf(face, wheel.rimWidthIn ?? null, offsetMm) === false;
  const missing = missingOf(outline, face, stackMm) ?? (other ? otherWheel(face) : null);
  const moved = same && stackMm !== null && present.stackMm !== null ? stackMm - present.stackMm : null;
  const movedOutMm = moved !== null && moved >= 0 ? moved : null;
  const sure: Sure = { parts: brakeSpread(caliper, face), values: null };
  const base = { stackMm, ...limits, missing, caliper, face, sure, mostTouch: contactLimit(terms), movedOutMm };
  if (missing !== null || !outline || !face || stackMm === null) {
    const parts = partsOf(null, limits, sure, terms, movedOutMm);
    return { report: { ...NO_BRAKE, verdict: worstVerdict(parts.map(({ verdict }) => verdict)) }, room: null, parts, ...base };
  } // prettier-ignore
  const found = foundFor(outline, face, limits.spokeLimit.value, limits.barrelLimit.value);
  const room = found.roomAt(stackMm);
  const parts = partsOf(room, limits, sure, terms, movedOutMm);
  const report: BrakeReport = {
    spokeMm: room.spoke?.mm ?? null,
    barrelMm: room.barrel?.mm ?? null,
    weightMm: room.weight?.mm ?? null,
    stackToClearMm: found.stackToClearMm(),
    spokeAt: places(room.spoke),
    barrelAt: places(room.barrel),
    weightAt: places(room.weight),
    assumed: face.origin === 'family',
    verdict: worstVerdict(parts.map(({ verdict }) => verdict)),
  };
  return { report, room, parts, ...base };
}

/** Spokes and barrel always, weights where some are known. Clear where it was measured says nothing about where it was not. */
function partsOf(
  room: BrakeRoom | null,
  { spokeLimit, barrelLimit }: ReturnType<typeof brakeLimits>,
  sure: Sure,
  terms: Terms,
  movedOutMm: number | null,
): PartRoom[] {
  const part = (given: Omit<PartRoom, 'verdict'>): PartRoom => {
    const mm = given.clearance?.mm ?? null;
    const verdict = surely(clearanceVerdict(mm, given.limit.value), mm, sure, terms);
    const unseen = verdict === 'unknown' || (verdict === 'ok' && given.unseenMm > UNSEEN_MM);
    return { ...given, verdict: !unseen ? verdict : movedOutMm === null ? 'unknown' : asNow(given.on, movedOutMm) };
  };
  const [spoke, barrel] = [room?.spokeUnseenMm ?? 0, room?.barrelUnseenMm ?? 0];
  return [
    part({
      to: 'spoke',
      on: 'spokes',
      clearance: room?.spoke ?? null,
      limit: spokeLimit,
      unseenMm: spoke,
    }),
    part({
      to: 'barrel',
      on: 'barrel',
      clearance: room?.barrel ?? null,
      limit: barrelLimit,
      unseenMm: barrel,
    }),
    ...(room?.weight
      ? [
          part({
            to: 'weight',
            on: 'barrel',
            clearance: room.weight,
            limit: barrelLimit,
            unseenMm: 0,
          }),
        ]
      : []),
  ];
}

/** Of the wheel that is on the car now: its spokes only move away; its barrel is as now while it stays where it is. */
const asNow = (on: PartRoom['on'], movedOutMm: number): Verdict =>
  on === 'spokes' || movedOutMm === 0 ? 'ok' : 'caution';

/**
 * Whether a candidate's wheel is the one on the car now: all that is known of that one is the same, width, diameter and offset among it.
 * Equal width and offset alone do not make an equal inside; who puts another wheel of the same figures on says so by its inner face.
 */
function isSameWheel({ wheel, offsetMm }: Pick<Fitted, 'wheel' | 'offsetMm'>, now: Pick<Fitted, 'wheel' | 'offsetMm'>): boolean {
  if (wheel.rimWidthIn == null || wheel.rimDiameterIn == null || offsetMm === null) return false;
  const { innerFace, offsetMm: _, backspacingMm: __, backspacingConvention: ___, ...known } = now.wheel;
  const alike = (Object.keys(known) as (keyof typeof known)[]).every((key) => known[key] == null || known[key] === wheel[key]);
  const face = wheel.innerFace === undefined || JSON.stringify(wheel.innerFace) === JSON.stringify(innerFace);
  return alike && face && now.wheel.rimWidthIn === wheel.rimWidthIn && now.wheel.rimDiameterIn === wheel.rimDiameterIn && now.offsetMm === offsetMm;
} // prettier-ignore

function missingOf(
  outline: readonly AxialPoint[] | undefined,
  face: InnerFace | undefined,
  stackMm: number | null,
): string | null {
  if (!outline) return "the brake's outline is needed";
  if (!face?.spoke && !face?.barrel) return "the wheel's inner face is needed";
  return stackMm === null ? 'every thickness of the stack is needed' : null;
}

const otherWheel = ({ readOn }: InnerFace): string =>
  `the inner face was read on a wheel ${rimFigure(readOn!.rimWidthIn)} in wide with offset ${offsetFigure(readOn!.offsetMm)}; this one has another inside`;

const places = (clearance: Clearance | null): NearPlaces | null =>
  clearance && { caliper: clearance.caliper, wheel: clearance.wheel };

/** What is found of an outline in a face, kept as long as both stay the same objects. */
interface Found {
  spokeMm: number;
  barrelMm: number;
  roomAt(stackMm: number): BrakeRoom;
  stackToClearMm(): number | null;
}
const kept = new WeakMap<object, WeakMap<object, Found>>();

function foundFor(outline: readonly AxialPoint[], face: InnerFace, spokeMm: number, barrelMm: number): Found {
  const ofOutline = kept.get(outline) ?? new WeakMap<object, Found>();
  kept.set(outline, ofOutline);
  const known = ofOutline.get(face);
  if (known && known.spokeMm === spokeMm && known.barrelMm === barrelMm) return known;
  const rooms = new Map<number, BrakeRoom>();
  let stack: number | null | undefined;
  const found: Found = {
    spokeMm,
    barrelMm,
    roomAt(stackMm) {
      const room = rooms.get(stackMm) ?? brakeRoom(outline, face, stackMm);
      if (rooms.size > 64) rooms.clear();
      rooms.set(stackMm, room);
      return room;
    },
    stackToClearMm: () =>
      stack === undefined ? (stack = stackToClearMm(outline, face, { spokeMm, barrelMm })) : stack,
  };
  ofOutline.set(face, found);
  return found;
}
