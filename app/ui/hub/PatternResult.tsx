import {
  decidedPattern,
  decidingReadings,
  fiveStudShortcutMm,
  knownCirclesMm,
  measuredCircle,
  patternCandidates,
  patternName,
  PATTERN_REACH_MM,
  type DecidingReading,
  type MeasuredCircle,
  type PatternCandidate,
  type PatternReading,
} from '#core/hub';
import { formatNumber, inchesFromMm, roundTo } from '#core/units';
import { DomainError } from '#core/errors';
import { INSTRUMENT_NAMES } from '#formats/fields';
import { Button } from '../controls/Button';
import { useLengths } from '../../preferences/PreferencesContext';
import { pairName } from './pairName';
import './hub.css';

interface PatternResultProps {
  lugCount: number;
  readings: readonly PatternReading[];
  /** The circle that stands as the pattern's own. */
  taken: number | null;
  take(circleMm: number): void;
}

/**
 * What the readings together say: the exact circle, the known patterns that may be meant, and what would decide between
 * them.
 */
export function PatternResult({ lugCount, readings, taken, take }: PatternResultProps) {
  const { unit } = useLengths();
  const found = circleOf(readings, lugCount);
  if (typeof found === 'string')
    return (
      <p className="field-fault" role="alert">
        {found}
      </p>
    );
  const { circle } = found;
  const candidates = patternCandidates(circle, lugCount);
  const shown = candidates.filter(({ probability }, index) => index < 4 && probability >= 0.001);
  const widest = circle.readings.findLast(({ steps }) => steps === 2);
  const inches = unit === 'mm' ? '' : ` · ${formatNumber(inchesFromMm(circle.boltCircleMm), 3)} in`;
  return (
    <div className="finder-result" aria-live="polite">
      <p className="finder-circle">
        <span className="label">Circle</span>{' '}
        <b className="figure">
          {formatNumber(circle.boltCircleMm, 2)} ± {formatNumber(circle.uncertaintyMm, 2)} mm
        </b>
        <span className="figure soft">{inches}</span>
        {lugCount === 5 && widest && (
          <span className="soft figure">
            {' '}
            shop shortcut {formatNumber(fiveStudShortcutMm(widest.centersMm, unit === 'mm' ? 'mm' : 'in'), 1)} mm
            (widest + {unit === 'mm' ? '6 mm' : '1/4 in'})
          </span>
        )}
      </p>
      {circle.contradict && (
        <p className="field-fault">The readings contradict each other by more than their tools allow: measure again.</p>
      )}
      {candidates.length === 0 ? (
        <NoPattern lugCount={lugCount} circle={circle} taken={taken} take={take} />
      ) : (
        <ol className="finder-candidates" aria-label="Known patterns">
          {shown.map((candidate) => (
            <Candidate
              key={candidate.boltCircleMm}
              {...candidate}
              taken={taken === candidate.boltCircleMm}
              take={take}
            />
          ))}
        </ol>
      )}
      <Deciding candidates={candidates} />
    </div>
  );
}

/** The measured circle, or why there is none. */
function circleOf(readings: readonly PatternReading[], lugCount: number): { circle: MeasuredCircle } | string {
  try {
    return { circle: measuredCircle(readings, lugCount)! };
  } catch (error) {
    if (error instanceof DomainError) return error.message;
    throw error;
  }
}

interface CandidateProps extends PatternCandidate {
  taken: boolean;
  take(circleMm: number): void;
}

function Candidate({ lugCount, boltCircleMm, residualMm, probability, taken, take }: CandidateProps) {
  const share = probability >= 0.995 && probability < 1 ? '> 99' : formatNumber(probability * 100, 0);
  return (
    <li>
      <b className="figure">{patternName({ lugCount, boltCircleMm })}</b>
      <span className="finder-bar" aria-hidden>
        <i style={{ width: `${probability * 100}%` }} />
      </span>
      <span className="figure">{share} %</span>
      <span className="figure soft">{formatNumber(residualMm, 2, true)} mm</span>
      {taken ? (
        <span className="is-ok finder-taken">taken</span>
      ) : (
        <Button
          size="small"
          onClick={() => take(boltCircleMm)}
          aria-label={`Use ${patternName({ lugCount, boltCircleMm })}`}
        >
          Use
        </Button>
      )}
    </li>
  );
}

function NoPattern({
  lugCount,
  circle,
  taken,
  take,
}: { circle: MeasuredCircle } & Omit<PatternResultProps, 'readings'>) {
  const own = roundTo(circle.boltCircleMm, 1);
  const nearest = [...knownCirclesMm(lugCount)].sort(
    (one, other) => Math.abs(one - circle.boltCircleMm) - Math.abs(other - circle.boltCircleMm),
  )[0];
  return (
    <div className="finder-none">
      <p>
        No known pattern of {lugCount} within {PATTERN_REACH_MM} mm
        {nearest === undefined
          ? '.'
          : `; the nearest, ${patternName({ lugCount, boltCircleMm: nearest })}, is` +
            ` ${formatNumber(circle.boltCircleMm - nearest, 1, true)} mm off.`}{' '}
        Count and measure again, or use it as custom.
      </p>
      {taken === own ? (
        <span className="is-ok finder-taken">custom, taken</span>
      ) : (
        <Button size="small" onClick={() => take(own)}>
          Use {lugCount} × {own} as custom
        </Button>
      )}
    </div>
  );
}

/** What reading would tell the best two apart, while they leave a choice. */
function Deciding({ candidates }: { candidates: readonly PatternCandidate[] }) {
  const [best, second] = candidates;
  if (!best || !second || decidedPattern(candidates)) return null;
  const ways = decidingReadings(best, second);
  const names = `${patternName(best)} and ${patternName(second)}`;
  return (
    <p className="finder-deciding">
      <b>Not decided.</b> {names} are too close for these readings.{' '}
      {ways.length === 0
        ? 'No rule tells them apart: hold a gauge card of both against it.'
        : `What would decide: ${ways.slice(0, 2).map(wayText).join('; or ')}. A gauge card of both does as well.`}
    </p>
  );
}

const wayText = ({ instrument, times, apartMm, ...pair }: DecidingReading): string =>
  `${pairName(pair)} with a ${INSTRUMENT_NAMES[instrument]}${times > 1 ? `, ${times} times` : ''}` +
  ` (${formatNumber(apartMm, 2)} mm apart)`;
