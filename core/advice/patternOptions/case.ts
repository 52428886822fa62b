import type { BoltPattern } from '#core/hub';
import { priceInForce, type Prices, type SetupAxle, type SetupOnAxle } from '#core/job';
import type { Words } from '#core/units';
import { worstVerdict, type Verdict } from '#core/verdict';
import { evaluateSetup, NO_SWEEPS, verdictWord } from '#core/evaluate';
import type { PatternOption, PatternOptionKind, PatternOptionChoices } from './option';

export interface Case extends SetupOnAxle {
  /** Without what changes the pattern already. */
  candidate: SetupAxle;
  wheel: BoltPattern;
  hub: BoltPattern;
  words: Words;
  choices: PatternOptionChoices;
}

export const WHEELS_AN_AXLE = 2;

export const cost = (one: Case, price: Exclude<keyof Prices, 'currency'>, pieces = WHEELS_AN_AXLE): number | null => {
  const each = priceInForce(price, one.job);
  return each == null ? null : each * pieces;
};

/** Where a candidate would stand in the car's room, and what is said against it there. */
export function roomOf(
  one: Case,
  candidate: SetupAxle,
): { position: NonNullable<PatternOption['position']>; verdict: Verdict; lines: string[] } {
  const report = evaluateSetup(one.job, { ...one.setup, [one.axle]: candidate }, { sweeps: NO_SWEEPS })[one.axle];
  const { effectiveOffsetMm, pokeMm, inboardGapMm } = report;
  const checks = report.checks.filter(({ code }) => code === 'fender' || code === 'inboard');
  return {
    position: { effectiveOffsetMm, pokeMm, inboardGapMm },
    verdict: worstVerdict(checks.map(({ verdict }) => verdict)),
    lines: checks
      .filter(({ verdict }) => verdict === 'fail' || verdict === 'caution')
      .map((check) => `${check.label.toLowerCase()}: ${verdictWord(check)}`),
  };
}

export function way({
  one,
  kind,
  title,
  verdict,
  lines,
  candidate,
  price,
  caution,
}: {
  one: Case;
  kind: PatternOptionKind;
  title: string;
  verdict: Verdict;
  lines: string[];
  candidate: SetupAxle | null;
  price: Exclude<keyof Prices, 'currency'>;
  caution: string;
}): PatternOption {
  const position = candidate && roomOf(one, candidate).position;
  return { kind, title, verdict, lines, candidate, position, cost: cost(one, price), caution };
}
