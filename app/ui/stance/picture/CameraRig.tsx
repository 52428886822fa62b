import { OrbitControls } from '@react-three/drei/core/OrbitControls';
import { useThree } from '@react-three/fiber';
import { useEffect, useRef, type ComponentRef } from 'react';
import { Spherical, Vector3 } from 'three';
import type { Camera } from '../cameras';

/** A hand's way with a camera, by keys. */
export interface CameraHand {
  /** Turns about what is looked at, degrees. */
  turn(across: number, up: number): void;
  /** Moves what is looked at, shares of the distance to it. */
  pan(right: number, up: number): void;
  /** So many times as near. */
  zoom(times: number): void;
}

interface CameraRigProps {
  camera: Camera;
  /** Another number puts the camera back. */
  reset: number;
  take(hand: CameraHand): void;
  /** A hand moved it; not where a view puts it, as when the window changes its size. */
  moved(): void;
}

const NEAREST_MM = 350;
const FARTHEST_MM = 12_000;
const LOWEST_DEG = 89;
const RAD = Math.PI / 180;

/** Puts the camera where a view has it, and lets it be orbited, moved and zoomed by hand. */
export function CameraRig({ camera: { from, at }, reset, take, moved }: CameraRigProps) {
  const { camera, invalidate } = useThree();
  const controls = useRef<ComponentRef<typeof OrbitControls>>(null);
  const isHeld = useRef(false);
  const place = [...from, ...at].map(Math.round).join();
  useEffect(() => {
    const [x, y, z, tx, ty, tz] = place.split(',').map(Number) as [number, number, number, number, number, number];
    camera.position.set(x, y, z);
    camera.up.set(0, 1, 0);
    controls.current?.target.set(tx, ty, tz);
    camera.lookAt(tx, ty, tz);
    controls.current?.update();
    invalidate();
  }, [camera, place, reset, invalidate]);
  useEffect(() => {
    const shown = () => {
      controls.current?.update();
      invalidate();
      moved();
    };
    const orbit = (change: (spherical: Spherical) => void) => {
      const target = controls.current?.target;
      if (!target) return;
      const spherical = new Spherical().setFromVector3(camera.position.clone().sub(target));
      change(spherical);
      spherical.phi = Math.min(LOWEST_DEG * RAD, Math.max(0.01, spherical.phi));
      spherical.radius = Math.min(FARTHEST_MM, Math.max(NEAREST_MM, spherical.radius));
      camera.position.setFromSpherical(spherical).add(target);
      shown();
    };
    take({
      turn: (across, up) =>
        orbit((spherical) => {
          spherical.theta += across * RAD;
          spherical.phi -= up * RAD;
        }),
      zoom: (times) =>
        orbit((spherical) => {
          spherical.radius /= times;
        }),
      pan(right, up) {
        const target = controls.current?.target;
        if (!target) return;
        const distance = camera.position.distanceTo(target);
        const by = new Vector3(right * distance, up * distance, 0).applyQuaternion(camera.quaternion);
        camera.position.add(by);
        target.add(by);
        shown();
      },
    });
  }, [camera, invalidate, moved, take]);
  return (
    <OrbitControls
      ref={controls}
      makeDefault
      onStart={() => (isHeld.current = true)}
      onEnd={() => (isHeld.current = false)}
      onChange={() => isHeld.current && moved()}
      enableDamping={false}
      minDistance={NEAREST_MM}
      maxDistance={FARTHEST_MM}
      maxPolarAngle={LOWEST_DEG * RAD}
    />
  );
}
