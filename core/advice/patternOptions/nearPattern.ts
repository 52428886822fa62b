import { NEAR_PATTERN_MM } from '#core/hub';
import { ruleInForce } from '#core/job';
import { cost, roomOf, type Case } from './case';
import type { PatternOption } from './option';

export function nearPattern(one: Case): PatternOption {
  const delta = one.wheel.boltCircleMm - one.hub.boltCircleMm;
  const near = one.wheel.lugCount === one.hub.lugCount && Math.abs(delta) <= NEAR_PATTERN_MM;
  const refused = ruleInForce('nearPatterns', one.job) === 'refuse';
  return {
    kind: 'near-pattern',
    title: 'As a near pattern',
    verdict: near && !refused ? 'caution' : 'fail',
    lines: [
      one.wheel.lugCount === one.hub.lugCount
        ? `circles differ by ${one.words.number(delta, 2)} mm; near is up to ${one.words.number(NEAR_PATTERN_MM, 1)} mm`
        : `${one.wheel.lugCount} holes on ${one.hub.lugCount} studs`,
      ...(near && refused ? ['near patterns are refused (brief)'] : []),
      ...(near ? [`each seat sits ${one.words.number(Math.abs(delta) / 2, 2)} mm off its stud`] : []),
    ],
    candidate: near && !refused ? one.candidate : null,
    position: near ? roomOf(one, one.candidate).position : null,
    cost: near ? cost(one, 'fastenerSetAxle', 1) : null,
    caution: 'Only with wobble nuts or bolts made for it. Practice is divided.',
  };
}
