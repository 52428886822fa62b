import type { Edit, Taken, Wheel } from '#core/job';
import { readTireSize } from '#core/tire';

interface TireSizeEdits {
  /** The place of wheel and tire in the job. */
  base: readonly string[];
  wheel: Wheel;
  /** A size that can be read. */
  size: string;
  /** How the rim's diameter came to be known: with the size, off the sidewall. */
  taken?: Taken | undefined;
}

/** Puts a tire size in its place; where no rim diameter was given yet, the size gives it. */
export function tireSizeEdits({ base, wheel, size, taken }: TireSizeEdits): Edit[] {
  const named: Edit = { op: 'set', path: [...base, 'tire', 'size'], value: size };
  if (wheel.rimDiameterIn != null) return [named];
  const { rimDiameterIn } = readTireSize(size);
  return [
    named,
    { op: 'set', path: [...base, 'wheel', 'rimDiameterIn'], value: rimDiameterIn, ...(taken && { taken }) },
  ];
}
