import { useFrame, useThree } from '@react-three/fiber';
import { useEffect, useRef, type ReactNode } from 'react';
import type { Camera, Group, Scene, WebGLRenderer } from 'three';

interface RenderedProps {
  /** What is seen, and what is seen beside it; null for nothing. */
  first: ReactNode;
  second: ReactNode | null;
  /** Where the picture is divided, as a share of its width; null where both are seen all over. */
  divider: number | null;
  /** Hands out what draws a frame, once. */
  ready(draw: Draw): void;
}

export type Draw = (stage: { gl: WebGLRenderer; scene: Scene; camera: Camera }) => void;

/** One scene, or two on either side of a divider with the same camera. */
export function Rendered({ first, second, divider, ready }: RenderedProps) {
  const [one, other] = [useRef<Group>(null), useRef<Group>(null)];
  const invalidate = useThree((state) => state.invalidate);
  const share = useRef(divider);
  useEffect(() => {
    share.current = divider;
    invalidate();
  }, [divider, invalidate]);
  const draw = useRef<Draw>(({ gl, scene, camera }) => {
    const see = (isFirst: boolean, isSecond: boolean) => {
      if (one.current) one.current.visible = isFirst;
      if (other.current) other.current.visible = isSecond;
    };
    const { width, height } = gl.domElement;
    const ratio = gl.getPixelRatio();
    const [w, h] = [width / ratio, height / ratio];
    if (share.current === null) {
      see(true, true);
      gl.setScissorTest(false);
      gl.render(scene, camera);
      return;
    }
    const at = Math.round(w * share.current);
    gl.setScissorTest(true);
    see(true, false);
    gl.setScissor(0, 0, at, h);
    gl.render(scene, camera);
    see(false, true);
    gl.setScissor(at, 0, w - at, h);
    gl.render(scene, camera);
    gl.setScissorTest(false);
  });
  useEffect(() => ready((stage) => draw.current(stage)), [ready]);
  // Above nothing the scene is drawn by this alone.
  useFrame((stage) => draw.current(stage), 1);
  return (
    <>
      <group ref={one}>{first}</group>
      {second !== null && <group ref={other}>{second}</group>}
    </>
  );
}
