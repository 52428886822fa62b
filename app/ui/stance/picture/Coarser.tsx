import { AdaptiveDpr } from '@react-three/drei/core/AdaptiveDpr';
import { useThree } from '@react-three/fiber';
import { useEffect } from 'react';
import type { StanceBody } from '#core/stance';

/** Draws a picture coarser while its bodies are on the move. */
export function Coarser({ bodies }: { bodies: readonly StanceBody[] }) {
  const regress = useThree((state) => state.performance.regress);
  useEffect(() => regress(), [bodies, regress]);
  return <AdaptiveDpr />;
}
