import type { AxleName } from '#core/job';
import type { ScenePlace } from '#core/stance';
import type { Side } from '#core/sweep';
import type { StanceView } from './sights';

/** Where a camera stands and what it looks at, mm in the car's frame. */
export interface Camera {
  from: ScenePlace;
  at: ScenePlace;
}

/** A corner as a view needs it: where its hub stands along and across, mm. */
export interface CornerSeen {
  axle: AxleName;
  side: Side;
  x: number;
  z: number;
}

/** How high eyes are: standing, bent, crouching, mm (common practice, no source). */
const EYES = { standing: 1600, bent: 1000, crouching: 560 };
/** How high the middle of what is looked at stands, mm. */
const MIDDLE = 420;
/** Beyond the width it was thought for, a narrower picture is looked at from further away. */
const WIDE = 1.35;

/**
 * The camera of a view of a corner.
 * @param wheelbaseMm of the scene
 * @param aspect width by height of the picture
 */
export function cameraOf(
  view: StanceView,
  { axle, side, x, z }: CornerSeen,
  { wheelbaseMm, aspect }: { wheelbaseMm: number; aspect: number },
): Camera {
  const out = side === 'right' ? 1 : -1;
  const ahead = axle === 'front' ? 1 : -1;
  const far = Math.max(1, WIDE / aspect);
  const [nose, tail] = [0, -wheelbaseMm];
  switch (view) {
    case 'quarter':
      return away(
        { from: [x + ahead * 2100, EYES.bent + 150, z + out * 2800], at: [x - ahead * 560, MIDDLE, z * 0.7] },
        far,
      );
    case 'wheel':
      return away({ from: [x + ahead * 260, EYES.crouching, z + out * 2050], at: [x, MIDDLE - 40, z] }, far);
    case 'front':
      return away({ from: [nose + 2100, EYES.bent - 180, z + out * 420], at: [tail * 0.35, MIDDLE, z * 0.97] }, far);
    case 'rear':
      return away({ from: [tail - 2100, EYES.bent - 180, z + out * 420], at: [tail * 0.65, MIDDLE, z * 0.97] }, far);
    case 'behind':
      return away({ from: [tail - 3300, EYES.standing, 0], at: [tail, MIDDLE, 0] }, far);
    case 'above':
      // Not quite over it: so what is ahead is up the page.
      return away({ from: [x - 20, 3300, z], at: [x, 0, z] }, far);
  }
}

/** The same from so many times as far. */
const away = ({ from, at }: Camera, far: number): Camera => ({
  from: [0, 1, 2].map((along) => at[along]! + (from[along]! - at[along]!) * far) as unknown as ScenePlace,
  at,
});
