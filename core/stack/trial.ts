import { mmFromInches } from '#core/units';

/** Which part of the wheel shall stand where the trial put it when the new one has another width. */
export type TrialKeeps = 'outer' | 'center' | 'inner';

/**
 * Offset of a new wheel that stands without spacer where a mocked-up one stood with it, mm. Same width: ET₂ = ET₁ − t.
 * Another width: the outer face stays with ET₂ = ET₁ − t + ΔW/2, the inner one with ET₂ = ET₁ − t − ΔW/2. Source:
 * effective offset and half widths; no convention of backspacing enters, flanges being alike.
 */
export function offsetFromTrialMm({
  tried,
  trialStackMm,
  newRimWidthIn,
  keeps,
}: {
  tried: { offsetMm: number; rimWidthIn: number };
  trialStackMm: number;
  newRimWidthIn: number;
  keeps: TrialKeeps;
}): number {
  const half = mmFromInches(newRimWidthIn - tried.rimWidthIn) / 2;
  const shift = keeps === 'outer' ? half : keeps === 'inner' ? -half : 0;
  return tried.offsetMm - trialStackMm + shift;
}
