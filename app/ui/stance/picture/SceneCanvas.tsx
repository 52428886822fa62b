import { Canvas, useThree } from '@react-three/fiber';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { CornerPlaces, StanceBody, StanceKind } from '#core/stance';
import type { ThemeName } from '../../../theme/palette';
import type { Camera } from '../cameras';
import type { Mark } from '../figureMarks';
import type { SeenMark } from '../seenMarks';
import type { BodyLook } from '../sights';
import { Bodies } from './Bodies';
import { CameraRig, type CameraHand } from './CameraRig';
import { isSoftware } from './isSoftware';
import { pngOf } from './capture';
import { FlushPlane } from './FlushPlane';
import { colorsOf, looksOf, type Looks } from './looks';
import { Projected } from './Projected';
import { Rendered, type Draw } from './Rendered';
import { Stage } from './Stage';
import { useMoving } from './useMoving';

/** What is done with a picture from outside it. */
export interface PictureHand extends CameraHand {
  /** The picture as it is seen now, with its figures, at twice the size. */
  png(seen: readonly SeenMark[], words: readonly string[]): Promise<Blob>;
}

export interface SceneCanvasProps {
  theme: ThemeName;
  camera: Camera;
  reset: number;
  bodies: readonly StanceBody[];
  /** What is seen beside it. */
  beside: readonly StanceBody[] | null;
  /** As a share of the width; null where what is beside is laid over. */
  divider: number | null;
  corners: readonly CornerPlaces[];
  /** Corners through whose lips a plane is laid. */
  flush: readonly CornerPlaces[];
  wheelbaseMm: number;
  body: BodyLook;
  marks: readonly Mark[];
  showMarks(seen: readonly SeenMark[]): void;
  take(hand: PictureHand | null): void;
}

/** What is left out: of a solid body's car what is measured behind it, without a body the body. */
const WITHOUT: Record<BodyLook, readonly StanceKind[]> = { solid: ['part'], clear: [], off: ['panel', 'liner'] };
/** Of what is laid over, this alone is seen. */
const OVER_KINDS: readonly StanceKind[] = ['tire', 'rim', 'spokes', 'stack', 'lip'];
const FOV_DEG = 30;
const CLIP_MM = { near: 40, far: 40_000 };
/** Points of the picture to one of the screen, at most; and at least, where it is drawn by the processor. */
const SHARPEST = 2;
const COARSEST = 0.75;

/** The car in three dimensions; drawn only when something has changed. */
export function SceneCanvas(props: SceneCanvasProps) {
  const { theme, camera, reset, bodies, beside, divider, body } = props;
  const looks = useLooks(theme, body, false);
  const ghost = useLooks(theme, body, true);
  // Drawn by the processor a picture is coarse while it moves, and finer than edges are smoothed once it is still.
  const isSoft = isSoftware();
  const [isMoving, moved] = useMoving(isSoft);
  // It moves with its bodies too, not only by the hand that turns it.
  useEffect(moved, [bodies, moved]);
  const isOver = beside !== null && divider === null;
  const without = WITHOUT[body];
  const hand = useRef<CameraHand | null>(null);
  const draw = useRef<Draw | null>(null);
  const takeCamera = useCallback((taken: CameraHand) => {
    hand.current = taken;
  }, []);
  const takeDraw = useCallback((taken: Draw) => {
    draw.current = taken;
  }, []);
  return (
    <Canvas
      frameloop="demand"
      dpr={isSoft ? (isMoving ? COARSEST : SHARPEST) : [1, SHARPEST]}
      camera={{ fov: FOV_DEG, ...CLIP_MM, position: [...camera.from] }}
      gl={{ antialias: !isSoft, powerPreference: 'high-performance' }}
      flat
      // Asked whether each of its programs came out well, a browser stands still until it has.
      onCreated={({ gl }) => Object.assign(gl.debug, { checkShaderErrors: false })}
      // Letters and figures are over it, and say what it shows.
      aria-hidden
    >
      <color attach="background" args={[colorsOf(theme).sheet]} />
      <fog attach="fog" args={[colorsOf(theme).sheet, 7000, 15_000]} />
      <CameraRig camera={camera} reset={reset} take={takeCamera} moved={moved} />
      <Stage theme={theme} corners={props.corners} wheelbaseMm={props.wheelbaseMm} />
      <FlushPlane theme={theme} corners={props.flush} />
      <Rendered
        divider={beside === null ? null : divider}
        ready={takeDraw}
        first={<Bodies bodies={bodies} looks={looks} without={without} />}
        second={
          beside && (
            <Bodies
              bodies={isOver ? beside.filter(({ kind }) => OVER_KINDS.includes(kind)) : beside}
              looks={isOver ? ghost : looks}
              without={without}
            />
          )
        }
      />
      <Projected marks={props.marks} show={props.showMarks} />
      <Handed hand={hand} draw={draw} take={props.take} />
    </Canvas>
  );
}

/** Materials are given back when others take their place. */
function useLooks(theme: ThemeName, body: BodyLook, isGhost: boolean): Looks {
  const looks = useMemo(() => looksOf(theme, body, isGhost), [theme, body, isGhost]);
  useEffect(
    () => () => {
      for (const material of new Set(Object.values(looks))) material.dispose();
    },
    [looks],
  );
  return looks;
}

interface HandedProps {
  hand: { current: CameraHand | null };
  draw: { current: Draw | null };
  take(hand: PictureHand | null): void;
}

/** Hands the picture out to what stands around it. */
function Handed({ hand, draw, take }: HandedProps) {
  const { gl, scene, camera, size } = useThree();
  useEffect(() => {
    take({
      turn: (across, up) => hand.current?.turn(across, up),
      pan: (right, up) => hand.current?.pan(right, up),
      zoom: (times) => hand.current?.zoom(times),
      png: (seen, words) => pngOf({ gl, size, draw: () => draw.current?.({ gl, scene, camera }) }, seen, words),
    });
    return () => take(null);
  }, [gl, scene, camera, size, hand, draw, take]);
  return null;
}
