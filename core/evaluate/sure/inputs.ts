import type { AxleName, Vehicle } from '#core/job';
import {
  ASSUMED_SPAN,
  GEOMETRY_KEYS,
  GEOMETRY_NAMES,
  STOPS,
  type GeometryKey,
  type SuspensionGeometry,
} from '#core/suspension';
import { INSTRUMENT_UNCERTAINTY_MM, type Contribution } from '#core/uncertainty';
import type { Fitted } from '../fit';
import type { AxlePart } from '../parts';
import {
  gapSpread,
  halfDiameter,
  halfWidth,
  insideSpread,
  readingSpread,
  sameTireAndRim,
  sameWheel,
  treadSpread,
} from '../spread';

/**
 * What was measured of a suspension is off by this share of what an assumed value may be (common practice, no source).
 */
const MEASURED_SHARE = 0.25;

/** One thing that may be off, and what being off by so much does to the car. */
export interface Input extends Contribution {
  /** The part a reading belongs to; left out for what all parts rest on. */
  of?: string;
  put(into: Car, off: number): void;
}

/**
 * How far off the dimensions of a wheel and its tire are: half widths, half diameter, tread width, and how far in its
 * inside stands; mm.
 */
export interface WheelOff {
  width: number;
  radius: number;
  tread: number;
  inside: number;
}

/** A car as one draw has it. */
export interface Car {
  geometry: SuspensionGeometry | null;
  next: WheelOff;
  now: WheelOff;
  /** How far off each part was read: its gap, or its place. */
  parts: Map<string, { gap: number; out: number; fwd: number; up: number }>;
}

export function readingInputs(vehicle: Vehicle, axle: AxleName, { obstacle, assumed }: AxlePart): Input[] {
  const { id, gap } = obstacle;
  const vehicleAxle = vehicle[axle] ?? {};
  const name = obstacle.label ?? id;
  const put = (key: 'gap' | 'out' | 'fwd' | 'up') => (car: Car, off: number) => {
    const one = car.parts.get(id) ?? { gap: 0, out: 0, fwd: 0, up: 0 };
    one[key] += off;
    car.parts.set(id, one);
  };
  if (gap) {
    return [{ of: id, ...readingSpread(vehicleAxle, `gap to ${name}`, gap.uncertaintyMm), put: put('gap') }];
  }
  if (assumed)
    return [
      { of: id, ...gapSpread(vehicleAxle, 'outboardGapMm'), put: put('out') },
      { of: id, ...gapSpread(vehicleAxle, 'archGapMm'), put: put('up') },
      {
        of: id,
        name: 'the shape of the lip',
        plusMinus: INSTRUMENT_UNCERTAINTY_MM.assumed!,
        assumed: true,
        put: put('up'),
      },
    ];
  return (['out', 'fwd', 'up'] as const).map((key) => ({
    of: id,
    ...readingSpread(vehicleAxle, `place of ${name}, ${key}`),
    put: put(key),
  }));
}

type Fits = Record<'next' | 'now', Fitted>;

export type What = readonly [off: keyof WheelOff, spread: (fitted: Fitted, of: string) => Contribution[]];

/** The same thing now and then is off by the same on both. */
function wheelInputs(fits: Fits, same: boolean, what: readonly What[]): Input[] {
  const of = (which: 'next' | 'now', words: string): Input[] =>
    what.flatMap(([key, spread]) =>
      spread(fits[which], words).map((one) => ({
        ...one,
        put(car: Car, off: number) {
          car[which][key] += off;
          if (same) car.now[key] += off;
        },
      })),
    );
  return same ? of('next', 'present') : [...of('next', 'new'), ...of('now', 'present')];
}

/** The tires; one tire on one rim falls out. */
export const tireInputs = (fits: Fits): Input[] =>
  wheelInputs(fits, sameTireAndRim(fits.next, fits.now), [
    ['width', halfWidth],
    ['radius', halfDiameter],
    ['tread', treadSpread],
  ]);

/** Barrel and spokes, where a part is near them. */
export const insideInputs = (fits: Fits, reached: boolean): Input[] =>
  reached ? wheelInputs(fits, sameWheel(fits.next, fits.now), [['inside', insideSpread]]) : [];

export const geometryInputs = (geometry: SuspensionGeometry, assumed: readonly GeometryKey[]): Input[] =>
  GEOMETRY_KEYS
    // What an axle does not do is its kind, not a value that may be off.
    .filter((key) => assumed.includes(key) || geometry[key] !== 0)
    .map((key) => ({
      name: GEOMETRY_NAMES[key],
      plusMinus: ASSUMED_SPAN[key] * (assumed.includes(key) ? 1 : MEASURED_SHARE),
      assumed: assumed.includes(key),
      put(car, off) {
        const value = geometry[key] + off;
        car.geometry![key] = STOPS.has(key) ? Math.max(0, value) : value;
      },
    }));
