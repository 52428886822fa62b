/** A share as people say it: never 0 or 100 where it is not. */
export function shareText(share: number): string {
  if (share <= 0) return '0 %';
  if (share >= 1) return '100 %';
  if (share < 0.01) return 'under 1 %';
  if (share > 0.99) return 'over 99 %';
  return `${Math.round(100 * share)} %`;
}

/** How likely something is, in a plain word (bands by common practice, no source). */
export function likelihoodWord(share: number): string {
  if (share >= 0.975) return 'sure';
  if (share >= 0.9) return 'very likely';
  if (share >= 0.66) return 'likely';
  if (share > 0.34) return 'about 50 % sure';
  if (share > 0.1) return 'unlikely';
  return share > 0.025 ? 'very unlikely' : 'surely not';
}
