import { SPOKE_MM, type Inside, type SectionPoint } from '#core/section';
import { USUAL_SPOKES, type WheelStyle } from '#core/wheel';
import { box } from './box';
import { lofted } from './lofted';
import { merged, type Mesh } from './mesh';
import { plate } from './plate';
import { revolved } from './revolved';
import { SEGMENTS } from './segments';

/** The pad of a wheel, for orientation, mm. */
const PAD = { fromMm: 30, toMm: 82, thickMm: 24 };
/** A pressed disc: its sheet, mm, and how finely it is turned. */
const SHEET_MM = 5;
const DISC_SEGMENTS = 96;
/** Holes of a disc: where between rim and pad, and how large, as shares of that way and of their spacing. */
const HOLE = { middle: 0.36, halfAlong: 0.17, halfAround: 0.27 };

/** How the outside of a wheel looks; what is left out is as it usually is. */
export interface Look {
  style?: WheelStyle | undefined;
  spokeCount?: number | null | undefined;
}

/** The face of a wheel along the back that its spokes have, and the pad that it stands on. */
export function spokesBody({ spoke, padMm }: Inside, { style = 'single', spokeCount }: Look, turned: boolean): Mesh {
  const way = turned ? -1 : 1;
  const line = spoke.map(({ a, r }) => ({ a: way * a, r }));
  const count = spokeCount ?? USUAL_SPOKES[style];
  const pad = way * padMm;
  const hub = revolved(box([pad, pad + way * PAD.thickMm], [PAD.fromMm, PAD.toMm]), SEGMENTS);
  if (style === 'steel') return merged([disc(line, { count, way }), hub]);
  const bodies = Array.from({ length: count }, (_, nth) =>
    ARMS[style].map((arm) => armAlong(line, { arm, count, way, angle: (2 * Math.PI * nth) / count })),
  );
  return merged([...bodies.flat(), hub]);
}

/** One bar of a spoke: how far beside its middle, in shares of the spacing, by the share of the way to the pad. */
interface Arm {
  beside(share: number): number;
  /** How wide, in shares of the spacing at the pad. */
  width: number;
}

const ARMS: Record<Exclude<WheelStyle, 'steel'>, readonly Arm[]> = {
  single: [{ beside: () => 0, width: 0.62 }],
  paired: [-1, 1].map((side) => ({ beside: (share) => side * (0.13 + 0.05 * share), width: 0.26 })),
  split: [-1, 1].map((side) => ({ beside: (share) => side * 0.24 * Math.max(0, 1 - share / 0.65), width: 0.4 })),
};
/** No spoke is wider, mm. */
const WIDEST_MM = 48;
/** Toward the front a spoke is this share as wide. */
const FRONT_SHARE = 0.55;

interface ArmAsk {
  arm: Arm;
  count: number;
  angle: number;
  way: number;
}

function armAlong(line: readonly SectionPoint[], { arm, count, angle, way }: ArmAsk): Mesh {
  const spacing = (2 * Math.PI) / count;
  const half = Math.min(WIDEST_MM, arm.width * spacing * PAD.toMm) / 2;
  const [first, last] = [line[0]!, line.at(-1)!];
  return lofted(
    line.map(({ a, r }) => {
      const share = (first.r - r) / (first.r - last.r || 1);
      const turn = angle + arm.beside(share) * spacing;
      const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
      const at = (place: number, side: number) => [place, r * sin + side * cos, r * cos - side * sin] as const;
      const [back, front] = [a, a + way * SPOKE_MM];
      return [at(back, -half), at(back, half), at(front, FRONT_SHARE * half), at(front, -FRONT_SHARE * half)];
    }),
  );
}

function disc(line: readonly SectionPoint[], { count, way }: { count: number; way: number }): Mesh {
  const rows = line.length - 1;
  return plate(line, {
    thickMm: way * SHEET_MM,
    segments: DISC_SEGMENTS,
    isMetal(along, clock) {
      const [share, turn] = [(along + 0.5) / rows, (((clock + 0.5) * count) / DISC_SEGMENTS) % 1];
      return ((share - HOLE.middle) / HOLE.halfAlong) ** 2 + ((turn - 0.5) / HOLE.halfAround) ** 2 > 1;
    },
  });
}
