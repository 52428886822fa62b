import { useEffect, useRef, useState } from 'react';
import type { Pose } from '#core/kinematics';
import type { PoseRange } from '#core/sweep';

/** How long a run from lock to lock takes, ms, and in how many still pictures for those who want no motion. */
const RUN_MS = 5000;
const STILLS = 9;

/** The share of a run at a time, there and back. */
const swing = (share: number): number => (share < 0.5 ? 2 * share : 2 - 2 * share);

/** Plays the wheel from lock to lock at a travel; an axle that does not steer from stop to stop. */
export function usePlay(range: PoseRange | null, pose: Pose, move: (pose: Pose) => void) {
  const [playing, setPlaying] = useState(false);
  const { travelMm } = pose;
  // Where frames are slow the address takes a pose meanwhile, and what moves the wheel is another from then on.
  const latest = useRef(move);
  useEffect(() => {
    latest.current = move;
  });
  useEffect(() => {
    if (!playing || !range) return;
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    const steers = range.steer[1] > range.steer[0];
    const [from, to] = steers ? range.steer : range.travel;
    const begun = performance.now();
    const show = (share: number) => {
      const at = from + (to - from) * swing(share);
      latest.current(steers ? { steerDeg: at, travelMm } : { steerDeg: 0, travelMm: at });
    };
    let frame = 0;
    const tick = (now: number) => {
      const share = (now - begun) / RUN_MS;
      show(Math.min(1, still ? Math.floor(share * STILLS) / STILLS : share));
      if (share >= 1) setPlaying(false);
      else frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
    // A new travel during the run would begin it again.
  }, [playing, range]); // eslint-disable-line react-hooks/exhaustive-deps
  return { playing, toggle: () => setPlaying(!playing), stop: () => setPlaying(false) };
}
