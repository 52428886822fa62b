import { FLAT_MM, readDxf } from '#formats/outline';

test('a rational spline of degree 2 with weights 1, √½, 1 is a circle (Piegl and Tiller, The NURBS Book)', () => {
  const control = [
    [50, 0],
    [50, 50],
    [0, 50],
    [-50, 50],
    [-50, 0],
    [-50, -50],
    [0, -50],
    [50, -50],
    [50, 0],
  ];
  const knots = [0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4];
  const rows: [number, string | number][] = [
    [0, 'SPLINE'],
    [8, '0'],
    [70, 12],
    [71, 2],
    [72, 12],
    [73, 9],
    [74, 0],
  ];
  for (const knot of knots) rows.push([40, knot]);
  for (let i = 0; i < 9; i++) rows.push([41, i % 2 ? Math.SQRT1_2 : 1]);
  for (const [x, y] of control) rows.push([10, x!], [20, y!], [30, 0]);
  const line = readDxf(dxf(rows)).drawing!.lines[0]!;
  expect(line.fault).toBeNull();
  line.points.forEach((from, at) => {
    const to = line.points[(at + 1) % line.points.length]!;
    expect(Math.hypot(from.x, from.y)).toBeCloseTo(50, 6);
    expect(50 - Math.hypot((from.x + to.x) / 2, (from.y + to.y) / 2)).toBeLessThan(FLAT_MM);
  });
  const few = rows.filter(([code], at) => code !== 41 || at % 2 === 0);
  expect(readDxf(dxf(few)).drawing!.lines[0]!.fault).toMatch(/weights do not match/);
});

/** A DXF in millimeters of one entity, as group codes and values. */
function dxf(entity: readonly (readonly [code: number, value: string | number])[]): string {
  const rows = [
    [0, 'SECTION'],
    [2, 'HEADER'],
    [9, '$INSUNITS'],
    [70, 4],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'ENTITIES'],
    ...entity,
    [0, 'ENDSEC'],
    [0, 'EOF'],
  ];
  return `${rows.map(([code, value]) => `${code}\n${value}`).join('\n')}\n`;
}
