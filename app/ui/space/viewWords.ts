import { verdictWord } from '#core/evaluate';
import type { Point3 } from '#core/kinematics';
import { formatNumber } from '#core/units';
import type { Verdict } from '#core/verdict';
import type { ScenePart } from './scene';
import type { ViewName } from './views';

interface ViewInWords {
  view: ViewName;
  parts: readonly ScenePart[];
  /** How each part fares, where that is known. */
  verdicts: Readonly<Record<string, Verdict>>;
  /** A length as its reader has it. */
  text(mm: number): string;
}

/** The places a drawing shows, each by its two directions, from the middle of the hub face. */
const PLACES: Record<ViewName, (point: Point3, text: (mm: number) => string) => string> = {
  behind: ({ out, up }, text) => `${across(out, text)}, ${high(up, text)}`,
  side: ({ fwd, up }, text) =>
    `clock ${formatNumber((Math.atan2(fwd, up) * 180) / Math.PI, 0)}°, ${text(Math.hypot(fwd, up))} from the hub`,
  above: ({ out, fwd }, text) => `${across(out, text)}, ${text(Math.abs(fwd))} ${fwd < 0 ? 'behind' : 'ahead'}`,
};

const across = (out: number, text: (mm: number) => string): string =>
  `${text(Math.abs(out))} ${out < 0 ? 'inboard' : 'outboard'}`;
const high = (up: number, text: (mm: number) => string): string =>
  `${text(Math.abs(up))} ${up < 0 ? 'below' : 'above'} the hub`;

/** The middle of a part: its reading, or that of the middle of its edge. */
export const middleOf = <T>(points: readonly T[]): T => points[Math.floor(points.length / 2)]!;

/** What a drawing of the corner shows, for those who do not see it. */
export function viewWords({ view, parts, verdicts, text }: ViewInWords): string {
  const words = parts.map(({ id, label, points }) => {
    const verdict = verdicts[id];
    const fares = verdict ? `, ${verdictWord({ code: `obstacle:${id}`, verdict })}` : '';
    return `${label}${fares}: ${PLACES[view](middleOf(points), text)}`;
  });
  return words.length > 0 ? words.join('; ') : 'no parts yet';
}
