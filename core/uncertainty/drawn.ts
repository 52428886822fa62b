import type { Steps } from '#core/progress';
import type { Contribution } from './combine';
import { normalQuantile } from './normal';
import { shuffled, type Chance } from './random';
import { sigmaOf } from './sigma';

/** What many draws of the inputs made of a figure. */
export interface Drawn {
  /** The figure in every draw, least first. */
  values: readonly number[];
  /** What each input contributes, by a plane laid through the draws; in the order of the inputs. */
  parts: readonly Contribution[];
}

/** Share of the draws at or above a threshold. */
export const shareOfDraws = (values: readonly number[], threshold: number): number =>
  values.filter((value) => value >= threshold).length / values.length;

/** Half the width of the middle 95 % of the draws. */
export function drawnPlusMinus(values: readonly number[]): number {
  const at = (share: number): number => {
    const place = share * (values.length - 1);
    const low = values[Math.floor(place)]!;
    return low + (values[Math.ceil(place)]! - low) * (place - Math.floor(place));
  };
  return (at(0.975) - at(0.025)) / 2;
}

/**
 * Draws figures many times over, their inputs normally distributed about 0 by their ± at 95 %. Every input takes each
 * of as many equally likely values once, in an order of its own (Latin hypercube: McKay, Beckman and Conover,
 * Technometrics 21, 1979), so that few draws tell much. A plane is laid through the outcome by least squares: what an
 * input contributes is its slope times its ±.
 * @param figures the figures when every input is off by so much, in the input's own unit; null where one cannot be had,
 *   and its draw is dropped
 * @returns a generator that yields the share done, and returns for each figure what became of it; null where no draw
 *   could be had
 */
export function* drawSteps({
  inputs,
  figures,
  chance,
  draws,
}: {
  inputs: readonly Contribution[];
  figures: (off: readonly number[]) => readonly (number | null)[];
  chance: Chance;
  draws: number;
}): Steps<(Drawn | null)[]> {
  const scores = Array.from({ length: draws }, (_, n) => normalQuantile((n + 0.5) / draws));
  const columns = inputs.map(({ plusMinus }) => shuffled(scores, chance).map((score) => score * sigmaOf(plusMinus)));
  const rows: { off: number[]; values: readonly (number | null)[] }[] = [];
  for (let n = 0; n < draws; n++) {
    const off = columns.map((column) => column[n]!);
    rows.push({ off, values: figures(off) });
    yield (n + 1) / draws;
  }
  return (rows[0]?.values ?? []).map((_, at): Drawn | null => {
    const kept = rows.flatMap(({ off, values }) => (values[at] == null ? [] : [{ off, value: values[at] }]));
    if (kept.length < 2) return null;
    const slopes = plane(kept);
    return {
      values: kept.map(({ value }) => value).sort((one, other) => one - other),
      parts: inputs.map(({ name, plusMinus, assumed }, i) => ({
        name,
        plusMinus: Math.abs(slopes[i]! * plusMinus),
        assumed,
      })),
    };
  });
}

/**
 * Slopes of the plane through the rows with least squares: the normal equations, by Gauss with the largest pivot. An
 * input that never moves has none.
 */
function plane(rows: readonly { off: readonly number[]; value: number }[]): number[] {
  const size = rows[0]!.off.length;
  const mean = rows.reduce((sum, { value }) => sum + value, 0) / rows.length;
  const table = Array.from({ length: size }, (_, i) => [
    ...Array.from({ length: size }, (_, j) => rows.reduce((sum, { off }) => sum + off[i]! * off[j]!, 0)),
    rows.reduce((sum, { off, value }) => sum + off[i]! * (value - mean), 0),
  ]);
  for (let column = 0; column < size; column++) {
    let pivot = column;
    for (let row = column + 1; row < size; row++)
      if (Math.abs(table[row]![column]!) > Math.abs(table[pivot]![column]!)) pivot = row;
    [table[column], table[pivot]] = [table[pivot]!, table[column]!];
    const lead = table[column]![column]!;
    if (Math.abs(lead) < 1e-12) continue;
    for (let row = 0; row < size; row++) {
      if (row === column) continue;
      const share = table[row]![column]! / lead;
      for (let at = column; at <= size; at++) table[row]![at]! -= share * table[column]![at]!;
    }
  }
  return table.map((row, i) => (Math.abs(row[i]!) < 1e-12 ? 0 : row[size]! / row[i]!));
}
