import { Button } from '../controls/Button';
import './table.css';

interface PagerProps {
  /** From 1. */
  page: number;
  pageSize: number;
  total: number;
  /** What all of them are, in words: “10,000 jobs”. */
  words?: string;
  turn(page: number): void;
}

/** How many pages stand on either side of the one that is shown. */
const BESIDE = 2;

/** The pages that are offered: the first, the last, and those around the one that is shown; null for a gap. */
export function offeredPages(page: number, last: number): (number | null)[] {
  const near = Array.from({ length: 2 * BESIDE + 1 }, (_, n) => page - BESIDE + n);
  const all = [...new Set([1, ...near, last])].filter((one) => one >= 1 && one <= last).sort((a, b) => a - b);
  return all.flatMap((one, at) => {
    const gap = one - (all[at - 1] ?? 0);
    // A gap of one page takes no less room than the page.
    if (gap === 2) return [one - 1, one];
    return gap > 2 ? [null, one] : [one];
  });
}

/** Turns the pages of a list. */
export function Pager({ page, pageSize, total, words, turn }: PagerProps) {
  const last = Math.max(1, Math.ceil(total / pageSize));
  return (
    <nav className="pager" aria-label="Pages">
      {words !== undefined && <span className="soft">{words}</span>}
      <Button kind="text" disabled={page <= 1} aria-label="Previous page" onClick={() => turn(page - 1)}>
        ‹
      </Button>
      {offeredPages(page, last).map((one, at) =>
        one === null ? (
          <span key={`gap-${at}`} className="soft" aria-hidden>
            …
          </span>
        ) : (
          <Button
            key={one}
            kind={one === page ? 'primary' : 'text'}
            aria-current={one === page ? 'page' : undefined}
            aria-label={`Page ${one}`}
            onClick={() => turn(one)}
          >
            {one}
          </Button>
        ),
      )}
      <Button kind="text" disabled={page >= last} aria-label="Next page" onClick={() => turn(page + 1)}>
        ›
      </Button>
    </nav>
  );
}
