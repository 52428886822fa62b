import type { SurfaceName } from '#core/section';

/** The places on a wheel, as they are said after a preposition. */
export const SURFACE_NAMES: Record<SurfaceName, string> = {
  tread: 'the tread',
  'outer-shoulder': 'the outer shoulder',
  'outer-sidewall': 'the outer sidewall',
  'inner-shoulder': 'the inner shoulder',
  'inner-sidewall': 'the inner sidewall',
  'inner-rim-flange': 'the inner rim flange',
  barrel: 'the inside of the barrel',
  spokes: 'the back of the spokes',
};
