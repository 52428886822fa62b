import { line } from 'd3';
import type { SuspensionGeometry } from '#core/suspension';
import { COVER_ARC_DEG } from '#core/verdict';
import { PROJECT, type Flat, type ViewName } from './views';
import './space.css';

const draw = line<Flat>();

/** Between which angles of the wheel at rest its whole width must be covered. */
export function CoverArc({ radiusMm, at }: { radiusMm: number; at(flat: Flat): Flat }) {
  const on = (deg: number, radius: number): Flat =>
    at([radius * Math.sin((deg * Math.PI) / 180), radius * Math.cos((deg * Math.PI) / 180)]);
  const { ahead, behind } = COVER_ARC_DEG;
  const arc = Array.from({ length: ahead + behind + 1 }, (_, n) => on(n - behind, radiusMm * 0.97));
  return (
    <g className="view-cover">
      <path d={draw([at([0, 0]), ...arc, at([0, 0])]) ?? ''} />
      <text x={6} y={15}>
        cover {ahead}° / {behind}°
      </text>
      <title>
        {`To be covered over the full width from ${ahead}° ahead to ${behind}° behind; ` + 'check your local code'}
      </title>
    </g>
  );
}

/** The axis a wheel is steered about, as far as it runs over the wheel. */
export function SteeringAxis({
  geometry,
  view,
  at,
}: {
  geometry: SuspensionGeometry;
  view: ViewName;
  at(flat: Flat): Flat;
}) {
  if (geometry.lockInDeg === 0 && geometry.lockOutDeg === 0) return null;
  const [lean, trail] = [geometry.kingpinInclinationDeg, geometry.casterDeg].map((deg) =>
    Math.tan((deg * Math.PI) / 180),
  ) as [number, number];
  const on = (up: number) =>
    at(PROJECT[view]({ out: -geometry.kingpinOffsetMm - lean * up, fwd: -geometry.kingpinForeMm - trail * up, up }));
  return <path className="view-steering" d={draw([on(-330), on(330)]) ?? ''} />;
}

export const Pointer = ({ at: [x, y] }: { at: Flat }) => (
  <g className="view-pointer">
    <circle cx={x} cy={y} r={6} />
    <path d={`M${x - 10},${y}h20M${x},${y - 10}v20`} />
  </g>
);
