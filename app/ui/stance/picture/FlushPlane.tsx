import { DoubleSide } from 'three';
import type { CornerPlaces } from '#core/stance';
import type { ThemeName } from '../../../theme/palette';
import { colorsOf } from './looks';

const PLANE = { longMm: 1100, overMm: 90 };

/** A plane upright through the outer face of each fender lip of a side: what pokes, pokes through it. */
export function FlushPlane({ corners, theme }: { corners: readonly CornerPlaces[]; theme: ThemeName }) {
  const { layout } = colorsOf(theme);
  return corners.flatMap(({ axle, lip }) =>
    lip ? (
      <mesh key={axle} position={[lip[0], (lip[1] + PLANE.overMm) / 2, lip[2]]}>
        <planeGeometry args={[PLANE.longMm, lip[1] + PLANE.overMm]} />
        <meshBasicMaterial color={layout} transparent opacity={0.26} depthWrite={false} side={DoubleSide} />
      </mesh>
    ) : (
      []
    ),
  );
}
