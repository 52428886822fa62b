import type { WindowRow } from '#core/advice/window';
import { meet, type Box } from '../drawing/box';
import { EDGE } from './chartScale';

interface Scales {
  x: (mm: number) => number;
  y: (inches: number) => number;
}

/** Where words may stand: the end they hang on, and their line. */
interface WordPlace {
  x: number;
  y: number;
  anchor: 'start' | 'end';
}

/** Words of the chart with their places, the best first. */
export interface Words {
  key: string;
  text: string;
  kind: 'edge-name' | 'closed';
  places: readonly WordPlace[];
}

/** A letter of the narrow face, the height of a line over and under its middle, and half of a point. */
const LETTER_PX = 6;
const LINE_PX = 8;
const POINT_PX = 12;
const GAP_PX = 6;

export const pointBox = (x: number, y: number): Box => ({
  left: x - POINT_PX,
  right: x + POINT_PX,
  top: y - POINT_PX,
  bottom: y + POINT_PX,
});

function wordsBox(text: string, { x, y, anchor }: WordPlace): Box {
  const wide = text.length * LETTER_PX;
  const left = anchor === 'start' ? x : x - wide;
  return { left, right: left + wide, top: y - 4 - LINE_PX, bottom: y - 4 + LINE_PX };
}

/** Each of the words at its first place clear of all else and within the chart; left out where there is none. */
export function placeWords(
  asked: readonly Words[],
  { taken, from, to }: { taken: readonly Box[]; from: number; to: number },
): (Omit<Words, 'places'> & WordPlace)[] {
  const boxes = [...taken];
  return asked.flatMap(({ places, ...words }) => {
    const place = places.find((one) => {
      const box = wordsBox(words.text, one);
      return box.left >= from && box.right <= to && boxes.every((other) => !meet(box, other));
    });
    if (!place) return [];
    boxes.push(wordsBox(words.text, place));
    return [{ ...words, ...place }];
  });
}

/** The middle first, then to both ends: a name stands amid the rows it is of. */
const fromMiddle = <T>(all: readonly T[]): T[] => {
  const middle = Math.floor((all.length - 1) / 2);
  return all
    .map((one, at) => ({ one, far: Math.abs(at - middle) }))
    .sort((a, b) => a.far - b.far)
    .map(({ one }) => one);
};

/** What holds an edge, once for all rows that it holds on: outside the stretch, or within it. */
export function edgeWords(rows: readonly WindowRow[], { x, y }: Scales): Words[] {
  return (['low', 'high'] as const).flatMap((end) => {
    const held = rows.flatMap((row) => {
      const span = end === 'low' ? row.spans[0] : row.spans.at(-1);
      const edge = span?.[end];
      return span && edge ? [{ row, edge, mm: end === 'low' ? span.fromMm : span.toMm }] : [];
    });
    const out = end === 'low' ? -1 : 1;
    return [...new Set(held.map(({ edge }) => edge.label))].map((text): Words => {
      const mine = fromMiddle(held.filter(({ edge }) => edge.label === text));
      const at = (side: number) =>
        mine.map(({ row, edge, mm }): WordPlace => ({
          x: x(mm + side * (edge.plusMinus ?? 0)) + GAP_PX * side,
          y: y(row.rimWidthIn) + 4,
          anchor: side < 0 ? 'end' : 'start',
        }));
      return { key: `${end}${text}`, text, kind: 'edge-name', places: [...at(out), ...at(-out)] };
    });
  });
}

/** What keeps a row shut, at one of its ends. */
export function shutWords(rows: readonly WindowRow[], { y, width }: Pick<Scales, 'y'> & { width: number }): Words[] {
  return rows
    .filter(({ spans }) => spans.length === 0)
    .map(({ rimWidthIn, closedBy }): Words => {
      const line = y(rimWidthIn) + 4;
      return {
        key: `shut${rimWidthIn}`,
        text: closedBy.slice(0, 2).join(', ').toLowerCase(),
        kind: 'closed',
        places: [
          { x: EDGE.left + GAP_PX, y: line, anchor: 'start' },
          { x: width - EDGE.right - GAP_PX, y: line, anchor: 'end' },
        ],
      };
    });
}
