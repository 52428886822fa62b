import type { SpacerRule, Verdict } from '#core/verdict';

/**
 * A stack against the brief: none is always right; any is care where an offset is preferred, and fails where spacers
 * are never wanted.
 */
export function spacerVerdict(stackMm: number | null, rule: SpacerRule): Verdict {
  if (rule === 'accepted' || stackMm === 0) return 'ok';
  if (stackMm === null) return 'unknown';
  return rule === 'never' ? 'fail' : 'caution';
}
