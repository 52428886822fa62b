import type { SectionPoint } from '#core/section';
import { addPoint, emptyMesh, type Mesh } from './mesh';
import { turnOf } from './triangles';

/** Edges that meet more sharply than this are an edge of the body too, degrees. */
const CREASE_DEG = 35;
const CREASE_COS = Math.cos((CREASE_DEG * Math.PI) / 180);

interface Edge {
  from: SectionPoint;
  to: SectionPoint;
  /** Where it faces, away from the metal: a and r. */
  na: number;
  nr: number;
}

/**
 * A closed line turned about the wheel's axis: a torus, or a solid where the line lies on the axis. Clock 0 is at the
 * top, a quarter of the segments on to the front, so that top, front, bottom and rear are points of it.
 * @param line mm along the axis and from it, either way round
 * @param segments a multiple of four
 */
export function revolved(line: readonly SectionPoint[], segments: number): Mesh {
  const turned = turnOf(line) < 0 ? line.toReversed() : [...line];
  const edges = turned.flatMap((from, at): Edge[] => {
    const to = turned[(at + 1) % turned.length]!;
    const length = Math.hypot(to.a - from.a, to.r - from.r);
    // What lies on the axis is inside.
    if (length < 1e-9 || (from.r === 0 && to.r === 0)) return [];
    return [{ from, to, na: (to.r - from.r) / length, nr: (from.a - to.a) / length }];
  });
  const mesh = emptyMesh();
  edges.forEach((edge, at) => {
    const before = edges[(at + edges.length - 1) % edges.length]!;
    const after = edges[(at + 1) % edges.length]!;
    const starts = ring(mesh, edge.from, { ...facing(edge, before), segments });
    const ends = ring(mesh, edge.to, { ...facing(edge, after), segments });
    for (let clock = 0; clock < segments; clock++) {
      const next = (clock + 1) % segments;
      const [p, q, r, s] = [starts[clock]!, starts[next]!, ends[next]!, ends[clock]!];
      if (edge.from.r > 0) mesh.indices.push(p, q, r);
      if (edge.to.r > 0) mesh.indices.push(p, r, s);
    }
  });
  return mesh;
}

/** Where an edge faces at the end that it shares with another: between both, where the body is smooth there. */
function facing({ na, nr }: Edge, other: Edge): { na: number; nr: number } {
  return na * other.na + nr * other.nr < CREASE_COS ? { na, nr } : { na: na + other.na, nr: nr + other.nr };
}

function ring(mesh: Mesh, { a, r }: SectionPoint, { na, nr, segments }: { na: number; nr: number; segments: number }) {
  return Array.from({ length: segments }, (_, clock) => {
    const angle = (2 * Math.PI * clock) / segments;
    const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
    return addPoint(mesh, [a, r * sin, r * cos], [na, nr * sin, nr * cos]);
  });
}
