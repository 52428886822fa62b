import { AXLES, type AxleName } from '#core/job';
import type { Pose } from '#core/kinematics';
import { SIDES, type Side } from '#core/sweep';

/** What of a job is looked at, at every station alike. */
export interface Sight {
  axle: AxleName;
  side: Side;
  /** The setup that was asked for; the job may have none of this name. */
  setupId: string | null;
}

/** New values of an address's parameters; null takes one out. */
export type SightChange = Readonly<Record<string, string | null>>;

/** The sight of a corner; the front axle and the right side need no word. */
export function cornerSight({ axle, side }: { axle?: AxleName | undefined; side?: Side | undefined }): SightChange {
  const sight: Record<string, string | null> = {};
  if (axle) sight.axle = axle === 'front' ? null : axle;
  if (side) sight.side = side === 'right' ? null : side;
  return sight;
}

/** What every station looks at, in the order it stands in an address. */
const SHARED = ['axle', 'side', 'setup'];
/** What belongs to a corner and is void at another one. */
const OF_A_CORNER = ['part', 'pose', 'wheel', 'place'];
/** The dialog that is open; it closes with any other change. */
export const OPEN = 'open';

/** A word of a list, as an address gives it; whatever else stands there counts as not given. */
export const wordIn = <T extends string>(words: readonly T[], given: string | null): T | null =>
  words.find((word) => word === given) ?? null;

/** What is looked at by an address; without a word, the front axle and the right side. */
export const sightIn = (params: URLSearchParams): Sight => ({
  axle: wordIn(AXLES, params.get('axle')) ?? 'front',
  side: wordIn(SIDES, params.get('side')) ?? 'right',
  setupId: params.get('setup') || null,
});

/** The search of an address after a change; what the change makes void goes with it. */
export function searchAfter(search: string, change: SightChange): string {
  const params = new URLSearchParams(search);
  if (!(OPEN in change)) params.delete(OPEN);
  if ('axle' in change || 'side' in change) for (const name of OF_A_CORNER) params.delete(name);
  for (const [name, value] of Object.entries(change))
    if (value === null) params.delete(name);
    else params.set(name, value);
  return searchOf([...params].filter(([name]) => SHARED.includes(name)).sort(byPlace), ownParams(params));
}

/** What belongs to a station alone, but for an open dialog: what it looked like when it was left. */
export const ownSearch = (search: string): string =>
  searchOf(ownParams(new URLSearchParams(search)).filter(([name]) => name !== OPEN));

/** The search for another station: what both look at, and what that station looked like when it was left. */
export const searchFor = (search: string, left: string): string =>
  searchOf(
    [...new URLSearchParams(search)].filter(([name]) => SHARED.includes(name)),
    ownParams(new URLSearchParams(left)),
  );

type Params = [string, string][];
const ownParams = (params: URLSearchParams): Params => [...params].filter(([name]) => !SHARED.includes(name));
const byPlace = ([one]: [string, string], [other]: [string, string]): number =>
  SHARED.indexOf(one) - SHARED.indexOf(other);
const searchOf = (...some: Params[]): string => {
  const text = new URLSearchParams(some.flat()).toString();
  return text === '' ? '' : `?${text}`;
};

/** Two figures of an address, such as `-12.5,40`; null unless both are figures. */
export function pairIn(given: string | null): [number, number] | null {
  const parts = given?.split(',') ?? [];
  if (parts.length !== 2 || parts.some((part) => !/^-?\d{1,6}(\.\d{1,4})?$/.test(part))) return null;
  return [Number(parts[0]), Number(parts[1])];
}

/** Two figures as an address gives them, to a hundredth. */
export const pairText = (one: number, other: number): string =>
  [one, other].map((figure) => String(Math.round(figure * 100) / 100 || 0)).join();

/** A pose of an address: steer in degrees, travel in mm. */
export function poseIn(given: string | null): Pose | null {
  const pair = pairIn(given);
  return pair && { steerDeg: pair[0], travelMm: pair[1] };
}

export const poseText = ({ steerDeg, travelMm }: Pose): string => pairText(steerDeg, travelMm);
