import { crownRadiusMm, halfWidthAtRadiusMm, tireOutline, type Section, type SectionPoint } from '#core/section';
import type { Side } from '#core/sweep';
import { LETTER_HEIGHT, written } from './letters';
import { addPoint, emptyMesh, type Mesh } from './mesh';
import { revolved } from './revolved';
import { SEGMENTS } from './segments';

/** How finely a tire's curves are drawn. */
const STEPS = 6;
/** How far a rim's flange falls off toward its seat, as it is drawn, mm. */
const FLANGE_DROP_MM = 2;

/** A tire from bead to bead, and straight across between them; its beads lie against the flanges from inside. */
export function tireBody(section: Section, halfRimMm: number): Mesh {
  const { rimRadiusMm: seat, flangeRadiusMm } = section;
  const bead = [
    { a: halfRimMm, r: flangeRadiusMm - FLANGE_DROP_MM },
    { a: halfRimMm, r: seat },
  ];
  const line: SectionPoint[] = [
    ...tireOutline(section, STEPS),
    ...bead,
    ...bead.map(({ a, r }) => ({ a: -a, r })).toReversed(),
  ];
  return revolved(line, SEGMENTS);
}

/** How far what is drawn on a tire stands off it, mm: enough to be seen, too little to be measured. */
const OFF_MM = 0.4;
/** Grooves around the tread, as shares of half its width, and across it; for orientation, no make's (no source). */
const AROUND = [-0.62, -0.2, 0.2, 0.62] as const;
const GROOVE_MM = 7;
const ACROSS = { fromShare: 0.68, toShare: 1, count: 60, halfDeg: 0.5 } as const;

/** The grooves of a tread, drawn on it. */
export function treadMarks(section: Section): Mesh {
  const mesh = emptyMesh();
  const at = (a: number, deg: number): number => {
    const angle = (deg * Math.PI) / 180;
    const r = crownRadiusMm(section, a) + OFF_MM;
    return addPoint(mesh, [a, r * Math.sin(angle), r * Math.cos(angle)], [0, Math.sin(angle), Math.cos(angle)]);
  };
  const patch = (a: readonly [number, number], deg: readonly [number, number]) => {
    const [p, q, r, s] = [at(a[0], deg[0]), at(a[1], deg[0]), at(a[1], deg[1]), at(a[0], deg[1])];
    // Counterclockwise as seen from outside the tire.
    mesh.indices.push(p, q, r, p, r, s);
  };
  const half = section.halfTreadMm;
  const step = 360 / SEGMENTS;
  for (const share of AROUND)
    for (let clock = 0; clock < SEGMENTS; clock++)
      patch([share * half - GROOVE_MM / 2, share * half + GROOVE_MM / 2], [clock * step, (clock + 1) * step]);
  const { fromShare, toShare, count, halfDeg } = ACROSS;
  for (let nth = 0; nth < count; nth++) {
    const deg = (360 * nth) / count;
    for (const [from, to] of [
      [fromShare, (fromShare + toShare) / 2],
      [(fromShare + toShare) / 2, toShare],
    ] as const) {
      patch([from * half, to * half], [deg - halfDeg, deg + halfDeg]);
      patch([-to * half, -from * half], [deg - halfDeg, deg + halfDeg]);
    }
  }
  return mesh;
}

/** Letters take this share of the sidewall, and stand so wide, on their own scale. */
const LETTER_SHARE = 0.3;
const STROKE = 0.85;
const TALLEST_MM = 26;

/**
 * The size of a tire as it is moulded on the sidewall that faces out, at the top and at the bottom, to be read from
 * beside the car.
 * @param side of the car: left and right are mirror images, what is written on them is not
 */
export function moulded(section: Section, size: string, side: Side): Mesh {
  const { flangeRadiusMm, bellyRadiusMm, radiusMm } = section;
  const tall = Math.min(TALLEST_MM, LETTER_SHARE * (radiusMm - flangeRadiusMm));
  const foot = (flangeRadiusMm + bellyRadiusMm) / 2 - tall * 0.2;
  const scale = tall / LETTER_HEIGHT;
  const way = side === 'right' ? 1 : -1;
  const mesh = emptyMesh();
  const at = (x: number, y: number, clock: number): number => {
    const r = foot + y * scale;
    const angle = clock + (way * x * scale) / foot;
    const a = halfWidthAtRadiusMm(section, r) + 2 * OFF_MM;
    return addPoint(mesh, [a, r * Math.sin(angle), r * Math.cos(angle)], [1, 0, 0]);
  };
  for (const clock of [0, Math.PI])
    for (const { from, to } of written(size)) {
      const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
      const length = Math.hypot(dx, dy);
      const [x, y] = [(-dy / length) * (STROKE / 2), (dx / length) * (STROKE / 2)];
      const corners = [
        at(from[0] - x, from[1] - y, clock),
        at(to[0] - x, to[1] - y, clock),
        at(to[0] + x, to[1] + y, clock),
        at(from[0] + x, from[1] + y, clock),
      ] as const;
      const [p, q, r, s] = way > 0 ? corners : corners.toReversed();
      mesh.indices.push(p!, q!, r!, p!, r!, s!);
    }
  return mesh;
}
