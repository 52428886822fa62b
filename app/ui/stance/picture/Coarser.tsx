import { useThree } from '@react-three/fiber';
import { useEffect } from 'react';
import type { StanceBody } from '#core/stance';

interface CoarserProps {
  bodies: readonly StanceBody[];
  /** Says whether the picture is on the move. */
  move(isMoving: boolean): void;
}

/** Tells a picture that moves from one that is still: by its bodies, and by the hand that turns it. */
export function Coarser({ bodies, move }: CoarserProps) {
  const regress = useThree((state) => state.performance.regress);
  const isMoving = useThree((state) => state.performance.current < 1);
  useEffect(() => regress(), [bodies, regress]);
  useEffect(() => move(isMoving), [isMoving, move]);
  return null;
}
