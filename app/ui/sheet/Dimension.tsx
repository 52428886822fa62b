/** A dimension line with ticks at its ends, in pixels. */
export function Dimension({
  from,
  to,
  tone = '',
}: {
  from: readonly [number, number];
  to: readonly [number, number];
  tone?: string;
}) {
  const [x1, y1] = from;
  const [x2, y2] = to;
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const [dx, dy] = upright ? [4, 0] : [0, 4];
  return (
    <g className={`dimension ${tone}`}>
      <line x1={x1} y1={y1} x2={x2} y2={y2} />
      <line x1={x1 - dx} y1={y1 - dy} x2={x1 + dx} y2={y1 + dy} />
      <line x1={x2 - dx} y1={y2 - dy} x2={x2 + dx} y2={y2 + dy} />
    </g>
  );
}
