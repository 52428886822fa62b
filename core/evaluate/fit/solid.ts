import type { SweptSolid } from '#core/sweep';
import type { Fitted } from './fitted';
import type { InsideAsk } from './inside';
import { NO_ALLOWANCE, sectionOfFitted, type Allowance } from './section';

/** A wheel and tire as the sweep meets them; null while a dimension or the offset is missing. */
export function solidOf(
  fitted: Fitted,
  allowance: Allowance = NO_ALLOWANCE,
  inside: InsideAsk = {},
): SweptSolid | null {
  const { effectiveOffsetMm, dual } = fitted;
  const section = sectionOfFitted(fitted, allowance, inside);
  if (section === null || effectiveOffsetMm === null || dual?.spacingMm === null) return null;
  const centerOut = -effectiveOffsetMm;
  return {
    bodies: [
      { section, centerOut },
      ...(dual ? [{ section, centerOut: centerOut + dual.spacingMm, turned: true }] : []),
    ],
  };
}
