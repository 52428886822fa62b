import { useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { axleParts } from '#core/evaluate';
import type { AxleName, Job, Setup } from '#core/job';
import type { Pose } from '#core/kinematics';
import { poseRange, type PoseRange } from '#core/sweep';
import { travelRange, type SuspensionGeometry } from '#core/suspension';
import { useSightPose } from '../../job/useSight';
import { BY_SIGN } from '../frame/useJobKeys';
import { usePlay } from '../space/usePlay';

/** How the wheels of the axle in hand are held, and what holds them otherwise. */
export interface HeldPose {
  pose: Pose;
  restMm: number;
  geometry: SuspensionGeometry | null;
  range: PoseRange | null;
  isPlaying: boolean;
  togglePlay(): void;
  move(pose: Pose): void;
}

/** The pose of an axle with a setup: at rest until it is moved; a lock or a stop that has moved takes it along. */
export function useHeldPose(job: Job, setup: Setup, axle: AxleName): HeldPose {
  const [moved, setPose] = useSightPose();
  const { geometry } = axleParts(job.vehicle, axle).resolved;
  const change = setup.suspensionChange?.[axle] ?? null;
  const { range, restMm } = useMemo(() => {
    const travel = travelRange(geometry ?? { bumpMm: 0, droopMm: 0 }, change);
    return { range: geometry && poseRange(geometry, travel), restMm: travel.restMm };
  }, [geometry, change]);
  const pose = useMemo(() => {
    if (!range) return { steerDeg: 0, travelMm: restMm };
    const { steerDeg, travelMm } = moved ?? { steerDeg: 0, travelMm: restMm };
    return { steerDeg: within(steerDeg, range.steer), travelMm: within(travelMm, range.travel) };
  }, [moved, restMm, range]);
  const play = usePlay(range, pose, setPose);
  useHotkeys('y', play.toggle, BY_SIGN, [play]);
  return {
    pose,
    restMm,
    geometry,
    range,
    isPlaying: play.playing,
    togglePlay: play.toggle,
    move(next) {
      play.stop();
      setPose(next);
    },
  };
}

const within = (value: number, [least, most]: readonly [number, number]): number =>
  Math.min(most, Math.max(least, value));
