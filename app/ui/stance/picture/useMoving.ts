import { useCallback, useEffect, useRef, useState } from 'react';

/** So long after it moved a picture counts as still, ms. */
const STILL_MS = 250;

/**
 * Tells a picture that moves from one that is still; it begins as one that moves.
 * @param isTold whether it is asked for: nothing is drawn anew for it otherwise
 */
export function useMoving(isTold: boolean): [isMoving: boolean, moved: () => void] {
  const [isMoving, setMoving] = useState(true);
  const still = useRef<ReturnType<typeof setTimeout>>(undefined);
  const moved = useCallback(() => {
    if (!isTold) return;
    clearTimeout(still.current);
    setMoving(true);
    still.current = setTimeout(setMoving, STILL_MS, false);
  }, [isTold]);
  useEffect(() => () => clearTimeout(still.current), []);
  return [isMoving, moved];
}
