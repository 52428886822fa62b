import { keptFor } from '#core/kept';
import {
  brakeRoom,
  reachedRim,
  faceIsOf,
  stackToClearMm,
  UNSEEN_MM,
  type AxialPoint,
  type BrakeRoom,
  type Caliper,
  type Clearance,
  type InnerFace,
} from '#core/brake';
import type { Terms, Wheel } from '#core/job';
import { effectiveOffsetMm } from '#core/stack';
import { isPriceKey, offsetFigure, rimFigure } from '#core/units';
import { clearanceVerdict, limitInForce, worstVerdict, type Limit, type Verdict } from '#core/verdict';
import type { Fitted } from '../fit';
import { unknownRoom, type BrakeReport, type NearPlaces } from '../report';
import { brakeSpread, contactLimit, sureOfSum, surely, type Sure } from '../spread';

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
  sure(): Sure;
  /** The most chance of contact with which it still clears, as a share. */
  mostTouch: number;
  /** The wheel is the one on the car now, moved out by so much; null where it is another, or further in. */
  movedOutMm: number | null;
}

/** A wheel behind its stack. */
type WheelOnStack = Pick<Fitted, 'wheel' | 'offsetMm' | 'stackMm'>;

/** The limits of a brake's room that are in force. */
const brakeLimits = (terms: Terms) => ({
  spokeLimit: limitInForce('brakeSpokeMm', terms),
  barrelLimit: limitInForce('brakeBarrelMm', terms),
});

/**
 * The room of a car's brake in a candidate's wheel, behind its stack. Unknown without the brake's outline or the
 * wheel's inner face, and for a wheel of another width or offset than the face was read on. The wheel that is on the
 * car now clears its brake, and behind more of a stack its spokes stand further away; its barrel moves along its axis,
 * and is turned by hand where nobody read it.
 * @param present the wheel on the car now
 */
export function brakeOf({
  caliper,
  fitted,
  terms,
  present = null,
}: {
  caliper: Caliper | undefined;
  fitted: WheelOnStack;
  terms: Terms;
  present?: WheelOnStack | null | undefined;
}): BrakeCase {
  const { wheel, offsetMm, stackMm } = fitted;
  const same = present !== null && isSameWheel(fitted, present);
  const face = wheel.innerFace ?? (same ? present.wheel.innerFace : undefined);
  const outline = caliper?.outline;
  const limits = brakeLimits(terms);
  const other = face && faceIsOf(face, wheel.rimWidthIn ?? null, offsetMm) === false;
  const missing = missingOf(outline, face, stackMm) ?? (other ? otherWheel(face) : null);
  const moved = same && stackMm !== null && present.stackMm !== null ? stackMm - present.stackMm : null;
  const movedOutMm = moved !== null && moved >= 0 ? moved : null;
  const sure = (): Sure => sureOfSum('brake', brakeSpread(caliper, face), terms);
  const asked = { limits, sure, terms, movedOutMm };
  const { spokeLimit, barrelLimit } = limits;
  const mostTouch = contactLimit(terms);
  if (missing !== null || !outline || !face || stackMm === null) {
    const reached = outline ? rimReached(outline, fitted) : null;
    const parts = partsOf(reached && { ...NOTHING_SEEN, barrel: reached }, asked);
    const report = {
      ...unknownRoom(worstVerdict(parts.map(({ verdict }) => verdict))),
      barrelMm: reached?.mm ?? null,
      barrelAt: places(reached),
    };
    return {
      report,
      room: null,
      parts,
      stackMm,
      spokeLimit,
      barrelLimit,
      missing,
      caliper,
      face,
      sure,
      mostTouch,
      movedOutMm,
    };
  }
  const found = foundFor({ outline, face, spokeMm: limits.spokeLimit.value, barrelMm: limits.barrelLimit.value });
  const room = found.roomAt(stackMm);
  const parts = partsOf(room, asked);
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
  return { report, room, parts, stackMm, spokeLimit, barrelLimit, missing, caliper, face, sure, mostTouch, movedOutMm };
}

/** The room of a brake in a wheel of which nobody has seen the inside. */
const NOTHING_SEEN: BrakeRoom = { spoke: null, barrel: null, weight: null, spokeUnseenMm: 0, barrelUnseenMm: 0 };

/** Where a brake is too large for a rim, whatever the wheel is like inside; null where that cannot be said. */
function rimReached(outline: readonly AxialPoint[], { wheel, offsetMm, stackMm }: WheelOnStack): Clearance | null {
  const { rimDiameterIn, rimWidthIn } = wheel;
  if (rimDiameterIn == null || rimWidthIn == null || offsetMm === null || stackMm === null) return null;
  return reachedRim(outline, { rimDiameterIn, rimWidthIn, effectiveOffsetMm: effectiveOffsetMm(offsetMm, stackMm) });
}

interface PartTerms {
  limits: ReturnType<typeof brakeLimits>;
  sure(): Sure;
  terms: Terms;
  movedOutMm: number | null;
}

/**
 * Spokes and barrel always, weights where some are known. Clear where it was measured says nothing about where it was
 * not.
 */
function partsOf(room: BrakeRoom | null, { limits, sure, terms, movedOutMm }: PartTerms): PartRoom[] {
  const part = (
    to: PartRoom['to'],
    clearance: Clearance | null,
    { limit, unseenMm }: { limit: Limit; unseenMm: number },
  ): PartRoom => {
    const on = to === 'spoke' ? 'spokes' : 'barrel';
    const mm = clearance?.mm ?? null;
    const found = surely({ verdict: clearanceVerdict(mm, limit.value), clearanceMm: mm, sure }, terms);
    const unseen = found === 'unknown' || (found === 'ok' && unseenMm > UNSEEN_MM);
    const verdict = !unseen ? found : movedOutMm === null ? 'unknown' : asNow(on, movedOutMm);
    return { to, on, clearance, limit, unseenMm, verdict };
  };
  const { spokeLimit, barrelLimit } = limits;
  const parts = [
    part('spoke', room?.spoke ?? null, { limit: spokeLimit, unseenMm: room?.spokeUnseenMm ?? 0 }),
    part('barrel', room?.barrel ?? null, { limit: barrelLimit, unseenMm: room?.barrelUnseenMm ?? 0 }),
  ];
  if (room?.weight) parts.push(part('weight', room.weight, { limit: barrelLimit, unseenMm: 0 }));
  return parts;
}

/** Of the wheel that is on the car now: its spokes only move away; its barrel is as now while it stays where it is. */
const asNow = (on: PartRoom['on'], movedOutMm: number): Verdict =>
  on === 'spokes' || movedOutMm === 0 ? 'ok' : 'caution';

/**
 * Whether a candidate's wheel is the one on the car now: all that is known of that one is the same, width, diameter and
 * offset among it. Equal width and offset alone do not make an equal inside; who puts another wheel of the same figures
 * on says so by its inner face.
 */
function isSameWheel({ wheel, offsetMm }: WheelOnStack, now: WheelOnStack): boolean {
  const { rimWidthIn, rimDiameterIn } = wheel;
  if (rimWidthIn == null || rimDiameterIn == null || offsetMm === null || now.offsetMm !== offsetMm) return false;
  if (now.wheel.rimWidthIn !== rimWidthIn || now.wheel.rimDiameterIn !== rimDiameterIn) return false;
  const { innerFace, offsetMm: _, backspacingMm: __, backspacingConvention: ___, ...known } = now.wheel;
  const keys = Object.keys(known) as (keyof typeof known)[];
  const says = (key: keyof typeof known): boolean =>
    !isPriceKey(key) && known[key] != null && !(isLookKey(key) && wheel[key] == null);
  if (!keys.every((key) => !says(key) || known[key] === wheel[key])) return false;
  return wheel.innerFace === undefined || JSON.stringify(wheel.innerFace) === JSON.stringify(innerFace);
}

/** What a picture alone asks for: who leaves it out has not said that the wheel is another. */
const isLookKey = (key: keyof Wheel): boolean => key === 'style' || key === 'spokeCount';

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
  `the inner face was read on a wheel ${rimFigure(readOn!.rimWidthIn)} in wide with offset` +
  ` ${offsetFigure(readOn!.offsetMm)}; this one is different inside`;

const places = (clearance: Clearance | null): NearPlaces | null =>
  clearance && { caliper: clearance.caliper, wheel: clearance.wheel };

/** What is found of an outline in a face, kept as long as both stay the same objects. */
interface Found {
  spokeMm: number;
  barrelMm: number;
  roomAt(stackMm: number): BrakeRoom;
  stackToClearMm(): number | null;
}
const keptOf = keptFor<object, WeakMap<object, Found>>(() => new WeakMap());

function foundFor({
  outline,
  face,
  spokeMm,
  barrelMm,
}: {
  outline: readonly AxialPoint[];
  face: InnerFace;
  spokeMm: number;
  barrelMm: number;
}): Found {
  const ofOutline = keptOf(outline);
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
