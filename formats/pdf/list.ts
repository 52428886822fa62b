import type { Drawing } from './drawing';

/**
 * Rows that go on a page each, in their order; one that is higher than a page stands alone. Without any there is one
 * empty page.
 */
export function pagesOf<Row extends { heightMm: number }>(rows: readonly Row[], roomMm: number): Row[][] {
  const pages: Row[][] = [[]];
  let used = 0;
  for (const row of rows) {
    if (used + row.heightMm > roomMm && pages.at(-1)!.length > 0) {
      pages.push([]);
      used = 0;
    }
    pages.at(-1)!.push(row);
    used += row.heightMm;
  }
  return pages;
}

/** A list set in one size, on its pages. */
export interface Setting<Row> {
  size: number;
  pages: Row[][];
}

/** Rows in the largest of some sizes of letters in which they go on so many pages; else in the smallest. */
export function setOnPages<Row extends { heightMm: number }>(
  sizes: readonly number[],
  rowsIn: (size: number) => readonly Row[],
  { roomMm, mostPages }: { roomMm: number; mostPages: number },
): Setting<Row> {
  const settings = sizes.map((size) => ({ size, pages: pagesOf(rowsIn(size), roomMm) }));
  return settings.find(({ pages }) => pages.length <= mostPages) ?? settings.at(-1)!;
}

/** A box to tick, by its upper left corner. */
export function tickBox(drawing: Drawing, [x, y]: readonly [number, number], sideMm: number): void {
  drawing.path(
    [
      [x, y],
      [x + sideMm, y],
      [x + sideMm, y + sideMm],
      [x, y + sideMm],
    ],
    { widthMm: 0.25 },
  );
}
