import { roomOn, type AxleName, type Vehicle } from '#core/job';
import type { Side } from '#core/sweep';
import { readTireSize } from '#core/tire';

/** A corner that shows where readings go while there are none; never a figure of the car. Lengths mm, rims in. */
const USUAL = {
  size: '205/55R16',
  rimWidthIn: 6.5,
  offsetMm: 45,
  room: { outboardGapMm: 14, inboardGapMm: 26, archGapMm: 62 },
} as const;

/** A car whose corner is as it was read, and as usual where it was not: only to draw in pale what is still to read. */
export function usualCorner(vehicle: Vehicle, axle: AxleName, side: Side): Vehicle {
  const { baseline = {}, ...rest } = vehicle[axle] ?? {};
  const { wheel = {}, tire = {} } = baseline;
  const size = tire.size ?? USUAL.size;
  const placed = wheel.offsetMm != null || wheel.backspacingMm != null;
  const read = roomOn(vehicle[axle], side);
  return {
    ...vehicle,
    [axle]: {
      ...rest,
      baseline: {
        ...baseline,
        tire: { ...tire, size },
        wheel: {
          ...(placed ? {} : { offsetMm: USUAL.offsetMm }),
          ...wheel,
          rimDiameterIn: wheel.rimDiameterIn ?? readTireSize(size).rimDiameterIn,
          rimWidthIn: wheel.rimWidthIn ?? USUAL.rimWidthIn,
        },
      },
      room: {
        outboardGapMm: read.outboardGapMm ?? USUAL.room.outboardGapMm,
        inboardGapMm: read.inboardGapMm ?? USUAL.room.inboardGapMm,
        archGapMm: read.archGapMm ?? USUAL.room.archGapMm,
      },
      left: undefined,
    },
  };
}
