import { usedShare, verdictWord, type Check } from '#core/evaluate';
import { arc } from 'd3';
import { type Verdict } from '#core/verdict';
import './ring.css';

const SIZE = 20;
const INNER = SIZE / 2 - 3;

/**
 * A ring that fills with the share of the room that is used up: three quarters at the limit, full at contact, dotted
 * when not known.
 */
export const Ring = ({ check, size }: { check: Check | null; size?: number }) => (
  <RingMark
    verdict={check?.verdict ?? 'unknown'}
    used={check && usedShare(check)}
    word={check ? verdictWord(check) : 'not known'}
    {...(size === undefined ? {} : { size })}
  />
);

interface RingMarkProps {
  verdict: Verdict;
  used: number | null;
  word: string;
  size?: number;
}

/** The ring itself, from plain values. */
export function RingMark({ verdict, used, word, size = SIZE }: RingMarkProps) {
  const slice = arc()({ innerRadius: 0, outerRadius: INNER, startAngle: 0, endAngle: 2 * Math.PI * (used ?? 0) });
  return (
    <svg
      className={`ring is-${verdict}`}
      width={size}
      height={size}
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      role="img"
      aria-label={word}
    >
      <circle r={SIZE / 2 - 1} strokeDasharray={used === null ? '1.6 2.2' : undefined} />
      {used !== null && used > 0 && <path d={slice ?? ''} />}
    </svg>
  );
}
