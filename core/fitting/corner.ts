import { CORNERS, type Corner, type Fitting, type Joint } from './records';

/** The axle and side of a corner. */
export interface CornerPlace {
  axle: 'front' | 'rear';
  side: 'left' | 'right';
}

/** The wheels that are reached from outside, in the order in which a car is walked round. */
export const OUTER_CORNERS = CORNERS.filter((corner) => !corner.endsWith('Inner'));

/** Where a corner is on the car. */
export const placeOfCorner = (corner: Corner): CornerPlace => ({
  axle: corner.startsWith('front') ? 'front' : 'rear',
  side: corner.includes('Left') ? 'left' : 'right',
});

/** The outer wheel of an axle and side. */
export const outerCorner = ({ axle, side }: CornerPlace): Corner => `${axle}${side === 'left' ? 'Left' : 'Right'}`;

/** The corners that a fitting has, as a car is walked round. */
export const cornersOf = ({ corners }: Pick<Fitting, 'corners'>): Corner[] =>
  CORNERS.filter((corner) => corners[corner] !== undefined);

/** The name of a corner as it is said. */
export const CORNER_NAMES: Record<Corner, string> = {
  frontLeft: 'front left',
  frontRight: 'front right',
  rearLeft: 'rear left',
  rearRight: 'rear right',
  rearLeftInner: 'rear left, inner wheel',
  rearRightInner: 'rear right, inner wheel',
};

/** What holds a wheel, and what holds its adapter, as they are said. */
export const JOINT_NAMES: Record<Joint, string> = { wheel: 'wheel', adapter: 'adapter nuts' };
