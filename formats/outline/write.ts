import type { AxialPoint } from '#core/brake';
import { DxfWriter, LWPolylineFlags, point2d, Units } from '@tarikjabiri/dxf';

/** A line to write out, in mm: a to the right, r upward, the origin where axis and mounting face meet. */
export interface OutLine {
  name: string;
  points: readonly AxialPoint[];
  closed: boolean;
}

/** Numbers in a file to a ten-thousandth of a millimeter. */
const figure = (mm: number): string => String(Math.round(mm * 1e4) / 1e4 + 0);

const EDGE_MM = 5;

/** Lines as an SVG drawing in true millimeters: one user unit is one millimeter. */
export function writeSvg(lines: readonly OutLine[]): string {
  const all = lines.flatMap(({ points }) => points);
  const [left, right] = [
    Math.min(0, ...all.map(({ a }) => a)) - EDGE_MM,
    Math.max(0, ...all.map(({ a }) => a)) + EDGE_MM,
  ];
  const [low, high] = [-EDGE_MM, Math.max(...all.map(({ r }) => r)) + EDGE_MM];
  const [width, height] = [right - left, high - low];
  const paths = lines.map(({ name, points, closed }) => {
    const data = points.map(({ a, r }, index) => `${index === 0 ? 'M' : 'L'} ${figure(a)} ${figure(-r)}`).join(' ');
    return `  <path id="${name}" d="${data}${closed ? ' Z' : ''}" fill="none" stroke="#000000" stroke-width="0.2"/>`;
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(width)}mm" height="${figure(height)}mm"` +
      ` viewBox="${figure(left)} ${figure(-high)} ${figure(width)} ${figure(height)}">`,
    ...paths,
    '</svg>',
    '',
  ].join('\n');
}

/** Lines as a DXF drawing in millimeters, one polyline each, on a layer of its name. */
export function writeDxf(lines: readonly OutLine[]): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const { name, points, closed } of lines) {
    dxf.addLayer(name, 7, 'Continuous');
    dxf.addLWPolyline(
      points.map(({ a, r }) => ({ point: point2d(a, r) })),
      { layerName: name, flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
    );
  }
  return dxf.stringify();
}
