import type { Placement } from './placement';

/**
 * The placement that undoes another: the turn transposed, the shift turned back. It may be put in the other's place.
 */
export function inverted(p: Placement, into: Placement = new Float64Array(12)): Placement {
  const a = p[0]!;
  const b = p[1]!;
  const c = p[2]!;
  const x = p[3]!;
  const d = p[4]!;
  const e = p[5]!;
  const f = p[6]!;
  const y = p[7]!;
  const g = p[8]!;
  const h = p[9]!;
  const i = p[10]!;
  const z = p[11]!;
  into[0] = a;
  into[1] = d;
  into[2] = g;
  into[3] = -(a * x + d * y + g * z);
  into[4] = b;
  into[5] = e;
  into[6] = h;
  into[7] = -(b * x + e * y + h * z);
  into[8] = c;
  into[9] = f;
  into[10] = i;
  into[11] = -(c * x + f * y + i * z);
  return into;
}

/** The placement that does `inner` first and `outer` after it. */
export function composed(outer: Placement, inner: Placement): Placement {
  const into = new Float64Array(12);
  for (let row = 0; row < 12; row += 4)
    for (let column = 0; column < 4; column++) {
      let sum = column === 3 ? outer[row + 3]! : 0;
      for (let k = 0; k < 3; k++) sum += outer[row + k]! * inner[4 * k + column]!;
      into[row + column] = sum;
    }
  return into;
}
