import { CanvasTexture } from 'three';
import { useEffect, useMemo } from 'react';
import type { CornerPlaces } from '#core/stance';
import type { ThemeName } from '../../../theme/palette';
import { colorsOf } from './looks';

const GROUND_MM = 24_000;
/** How large the shadow under a wheel is, mm. */
const SHADOW = { along: 620, across: 420 };

/** The ground, a soft shadow under each wheel, and the light of an open yard. */
export function Stage({ theme, corners, wheelbaseMm }: StageProps) {
  const colors = colorsOf(theme);
  const shadow = useMemo(() => shadowTexture(), []);
  useEffect(() => () => shadow.dispose(), [shadow]);
  return (
    <>
      <hemisphereLight args={[colors.sky, colors.earth, 2.3]} />
      <directionalLight position={[2600, 5200, 3600]} intensity={1.5} />
      <mesh rotation-x={-Math.PI / 2} position={[-wheelbaseMm / 2, 0, 0]}>
        <circleGeometry args={[GROUND_MM, 48]} />
        <meshBasicMaterial color={colors.ground} />
      </mesh>
      {corners.map(({ axle, side, hub: [x, , z] }) => (
        <mesh
          key={`${axle}-${side}`}
          rotation-x={-Math.PI / 2}
          position={[x, 1, z * 0.92]}
          scale={[SHADOW.along, SHADOW.across, 1]}
        >
          <planeGeometry />
          <meshBasicMaterial map={shadow} transparent depthWrite={false} opacity={theme === 'light' ? 0.4 : 0.7} />
        </mesh>
      ))}
    </>
  );
}

interface StageProps {
  theme: ThemeName;
  corners: readonly CornerPlaces[];
  wheelbaseMm: number;
}

const TEXTURE_PX = 128;

function shadowTexture(): CanvasTexture {
  const canvas = Object.assign(document.createElement('canvas'), { width: TEXTURE_PX, height: TEXTURE_PX });
  const half = TEXTURE_PX / 2;
  const context = canvas.getContext('2d');
  if (context) {
    const shade = context.createRadialGradient(half, half, 0, half, half, half);
    shade.addColorStop(0, 'rgba(0, 0, 0, 1)');
    shade.addColorStop(0.55, 'rgba(0, 0, 0, 0.55)');
    shade.addColorStop(1, 'rgba(0, 0, 0, 0)');
    context.fillStyle = shade;
    context.fillRect(0, 0, TEXTURE_PX, TEXTURE_PX);
  }
  return new CanvasTexture(canvas);
}
