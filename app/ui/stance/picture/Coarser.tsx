import { useEffect } from 'react';
import type { StanceBody } from '#core/stance';

interface CoarserProps {
  bodies: readonly StanceBody[];
  moved(): void;
}

/** A picture moves with its bodies too, not only by the hand that turns it. */
export function Coarser({ bodies, moved }: CoarserProps) {
  useEffect(() => moved(), [bodies, moved]);
  return null;
}
