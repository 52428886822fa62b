import type { Corner } from './records';

/** The axle and side of a corner. */
export interface CornerPlace {
  axle: 'front' | 'rear';
  side: 'left' | 'right';
}

/** Where a corner is on the car. */
export const placeOfCorner = (corner: Corner): CornerPlace => ({
  axle: corner.startsWith('front') ? 'front' : 'rear',
  side: corner.includes('Left') ? 'left' : 'right',
});
