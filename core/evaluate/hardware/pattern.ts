import { NEAR_PATTERN_MM, patternName, patternOf, wholePattern, type BoltPattern } from '#core/hub';
import type { SetupAxle } from '#core/job';
import { formatNumber, type Words } from '#core/units';
import { axleCheck } from '../check';
import { NO_MARGIN, type HardwareCase } from './case';
import type { Hardware } from './hardware';

/** Circles that differ by less have two names of one size, mm. */
const SAME_MM = 0.005;

/** The wheel's bolt pattern against what it bolts to. */
export const pattern = axleCheck({
  label: 'Bolt pattern',
  group: 'hub',
  kind: 'match',
  unit: 'mm',
  work: 'held',
  says: {
    // Circles that differ, in mm: their names are mm whatever the unit of the rest.
    figure: ({ value }) => (value === null ? null : Math.abs(value) < SAME_MM ? 'same' : formatNumber(value, 2, true)),
    sign: 'mm',
    limit: () => 'wheel circle less hub circle',
    margin: ({ value, verdict }) =>
      verdict === 'ok' || verdict === 'unknown'
        ? null
        : value
          ? `circles ${formatNumber(value, 2, true)} mm apart`
          : 'counts differ',
  },
  judge: ({ hardware, clamped, sheet }: HardwareCase) => ({
    value: hardware.match.deltaMm,
    ...NO_MARGIN,
    verdict: hardware.match.verdict,
    lines: () => patternLines(hardware, clamped, sheet.words),
  }),
});

function patternLines({ match, carries, adapter, hubPattern }: Hardware, { wheel }: SetupAxle, words: Words): string[] {
  const [one, other] = hubPattern.candidates;
  const lines = [`wheel ${partName(patternOf(wheel))}; ${adapter ? 'adapter' : 'hub'} ${partName(carries)}`];
  if (match.deltaMm !== null && match.deltaMm !== 0)
    lines.push(`circles differ by ${words.number(match.deltaMm, 2)} mm`);
  if (
    match.deltaMm !== null &&
    match.verdict !== 'ok' &&
    Math.abs(match.deltaMm) <= NEAR_PATTERN_MM &&
    sameCount(wheel, carries)
  )
    lines.push(
      'near pattern: bolts go in, but the seats pull off center; practice is divided. Wobble fasteners, or not at all',
    );
  if (hubPattern.origin === 'read') lines.push(`read on the hub: ${words.number(one!.probability * 100, 0)} % sure`);
  const share = (of: { probability: number }): string => `${words.number(of.probability * 100, 0)} %`;
  if (hubPattern.origin === 'open' && one && other)
    lines.push(
      `the readings leave two patterns: ${patternName(one)} ${share(one)}, ${patternName(other)} ${share(other)}`,
    );
  if (hubPattern.origin === 'open' && !one) lines.push('the readings fit no known pattern');
  return lines;
}

/** A pattern of which one part may be missing. */
function partName(part: Partial<BoltPattern>): string {
  const whole = wholePattern(part);
  if (whole) return patternName(whole);
  if (part.lugCount == null && part.boltCircleMm == null) return 'not known';
  return `${part.lugCount ?? '?'} × ${part.boltCircleMm ?? '?'}`;
}

const sameCount = (wheel: SetupAxle['wheel'], carries: Partial<BoltPattern>): boolean =>
  wheel?.lugCount != null && wheel.lugCount === carries.lugCount;
