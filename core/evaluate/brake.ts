import { brakeRoom, faceIsOf, stackToClearMm, UNSEEN_MM, type BrakeRoom, type Clearance } from '#core/brake';
import type { AxialPoint, AxleName, Caliper, InnerFace, Terms } from '#core/job';
import { offsetFigure, rimFigure, type Words } from '#core/units';
import { clearanceVerdict, limitInForce, worstVerdict, type Check, type Limit, type Verdict } from '#core/verdict';
import type { Fitted } from './fitted';
import { Judged } from './judged';
import { limitLine } from './limitLine';
import type { BrakeReport, NearPlaces } from './report';
import { NO_BRAKE } from './sheet';
import { brakeSpread } from './spread';

/** The room to one part of a wheel, judged. */
export interface PartRoom {
  code: 'brake-spoke' | 'brake-barrel' | 'brake-weight';
  label: string;
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
}

/** The limits of a brake's room that are in force. */
export const brakeLimits = (terms: Terms) => ({
  spokeLimit: limitInForce('brakeSpokeMm', terms),
  barrelLimit: limitInForce('brakeBarrelMm', terms),
});

/**
 * The room of a car's brake in a candidate's wheel, behind its stack. Unknown without the brake's outline or the wheel's inner face, and for a
 * wheel of another width or offset than the face was read on.
 */
export function brakeOf(
  caliper: Caliper | undefined,
  fitted: Pick<Fitted, 'wheel' | 'offsetMm' | 'stackMm'>,
  terms: Terms,
): BrakeCase {
  const { wheel, offsetMm, stackMm } = fitted;
  const face = wheel.innerFace;
  const outline = caliper?.outline;
  const limits = brakeLimits(terms);
  const other = face && faceIsOf(face, wheel.rimWidthIn ?? null, offsetMm) === false;
  const missing = missingOf(outline, fitted) ?? (other ? otherWheel(face) : null);
  const base = { stackMm, ...limits, missing, caliper, face };
  if (missing !== null || !outline || !face || stackMm === null)
    return { report: NO_BRAKE, room: null, parts: partsOf(null, limits), ...base };
  const found = foundFor(outline, face, limits.spokeLimit.value, limits.barrelLimit.value);
  const room = found.roomAt(stackMm);
  const parts = partsOf(room, limits);
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
function partsOf(room: BrakeRoom | null, { spokeLimit, barrelLimit }: ReturnType<typeof brakeLimits>): PartRoom[] {
  const part = (given: Omit<PartRoom, 'verdict'>): PartRoom => {
    const verdict = clearanceVerdict(given.clearance?.mm ?? null, given.limit.value);
    return { ...given, verdict: verdict === 'ok' && given.unseenMm > UNSEEN_MM ? 'unknown' : verdict };
  };
  const [spoke, barrel] = [room?.spokeUnseenMm ?? 0, room?.barrelUnseenMm ?? 0];
  return [
    part({
      code: 'brake-spoke',
      label: 'Brake to spokes',
      on: 'spokes',
      clearance: room?.spoke ?? null,
      limit: spokeLimit,
      unseenMm: spoke,
    }),
    part({
      code: 'brake-barrel',
      label: 'Brake to barrel',
      on: 'barrel',
      clearance: room?.barrel ?? null,
      limit: barrelLimit,
      unseenMm: barrel,
    }),
    ...(room?.weight
      ? [
          part({
            code: 'brake-weight',
            label: 'Brake to balance weights',
            on: 'barrel',
            clearance: room.weight,
            limit: barrelLimit,
            unseenMm: 0,
          }),
        ]
      : []),
  ];
}

function missingOf(
  outline: readonly AxialPoint[] | undefined,
  { wheel, stackMm }: Pick<Fitted, 'wheel' | 'stackMm'>,
): string | null {
  if (!outline) return "the brake's outline is needed";
  if (!wheel.innerFace?.spoke && !wheel.innerFace?.barrel) return "the wheel's inner face is needed";
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

/** The checks of a brake in a wheel: to spokes, to the barrel, and to weights where some are known. */
export const brakeChecks = (axle: AxleName, one: BrakeCase, words: Words): Check[] =>
  one.parts.map(
    (part) =>
      new Judged(
        {
          code: part.code,
          label: part.label,
          axle,
          value: part.clearance?.mm ?? null,
          limit: part.limit.value,
          margin: part.clearance && part.clearance.mm - part.limit.value,
          unit: 'mm',
          verdict: part.verdict,
        },
        () => [...brakeLines(one, part, words), limitLine(part.limit, words.length(part.limit.value))],
        { parts: () => brakeSpread(one.caliper, one.face), contact: true, words },
      ),
  );

function brakeLines(one: BrakeCase, { clearance, on, unseenMm }: PartRoom, words: Words): string[] {
  const { missing, report, stackMm, face } = one;
  if (missing !== null) return [`not known: ${missing}`];
  if (!clearance) return [`not known: the wheel's ${on} were not measured`];
  const at = ({ a, r }: AxialPoint) => `${words.figure(a)} / ${words.figure(r)}`;
  return [
    `behind a stack of ${words.length(stackMm!)}, from hub face / from axis: brake ${at(clearance.caliper)}, wheel ${at(clearance.wheel)}`,
    clearance.mm < 0 ? `they overlap by ${words.length(-clearance.mm)}` : `${words.length(clearance.mm)} apart there`,
    ...(unseenMm > UNSEEN_MM
      ? [`not known further: the brake reaches ${words.length(unseenMm)} past where the ${on} were measured`]
      : []),
    ...(report.assumed ? [`assumed: a ${face!.family ?? ''} inner face of its family, not measured`] : []),
    report.stackToClearMm === null
      ? 'no stack makes it clear'
      : `clears by its limits from a stack of ${words.length(report.stackToClearMm)} on`,
  ];
}
