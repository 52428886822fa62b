import Flatten from '@flatten-js/core';
import fc from 'fast-check';
import { Vector4 } from 'three';
import { NURBSCurve } from 'three/examples/jsm/curves/NURBSCurve.js';
import { outlineAreaMm2, type AxialPoint } from '#core/brake';
import { DomainError } from '#core/errors';
import {
  FLAT_MM,
  MAX_DRAWING_BYTES,
  outlineFrom,
  placed,
  readDrawing,
  readDxf,
  readSvg,
  writeDxf,
  writeSvg,
  type DrawnLine,
  type Placement,
  type ReadDrawing,
} from '#formats/outline';

const bytes = (text: string) => new TextEncoder().encode(text);
const lineIn = (read: ReadDrawing, index = 0): DrawnLine => {
  expect(read.faults).toBeUndefined();
  return read.drawing!.lines[index]!;
};
const fault = (read: ReadDrawing): string => (read.faults ?? []).map(({ message }) => message).join('\n');
const AS_DRAWN: Placement = { unitMm: 1, origin: { x: 0, y: 0 }, outboard: 'right' };

const svg = (inner: string, head = 'width="200mm" height="200mm" viewBox="0 0 200 200"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${head}>${inner}</svg>`;

/** A DXF of entities, each a list of group codes and values. */
const dxf = (entities: (readonly [code: number, value: string | number])[][], units: number | null = 4): string => {
  const rows: [number, string | number][] = [];
  if (units !== null) rows.push([0, 'SECTION'], [2, 'HEADER'], [9, '$INSUNITS'], [70, units], [0, 'ENDSEC']);
  rows.push([0, 'SECTION'], [2, 'ENTITIES'], ...(entities.flat() as [number, string | number][]), [0, 'ENDSEC'], [0, 'EOF']);
  return `${rows.map(([code, value]) => `${code}\n${value}`).join('\n')}\n`;
}; // prettier-ignore
const drawnLine = (x1: number, y1: number, x2: number, y2: number) =>
  [[0, 'LINE'], [8, '0'], [10, x1], [20, y1], [30, 0], [11, x2], [21, y2], [31, 0]] as [number, string | number][]; // prettier-ignore
const drawnArc = (x: number, y: number, r: number, from: number, to: number) =>
  [[0, 'ARC'], [8, '0'], [10, x], [20, y], [30, 0], [40, r], [50, from], [51, to]] as [number, string | number][]; // prettier-ignore
const polyline = (points: [x: number, y: number, bulge: number][], closed: boolean) =>
  [[0, 'LWPOLYLINE'], [8, 'cut'], [90, points.length], [70, closed ? 1 : 0], ...points.flatMap(([x, y, bulge]) => [[10, x], [20, y], [42, bulge]])] as [number, string | number][]; // prettier-ignore

/** Every chord of a line as from, to and middle. */
const chords = ({ points, closed }: DrawnLine) =>
  points.slice(0, closed ? undefined : -1).map((from, index) => {
    const to = points[(index + 1) % points.length]!;
    return { from, to, middle: { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 } };
  });

/** Points lie on the circle, and no chord leaves it by more than the tolerance: exact figures, worked with the radius alone. */
function expectCircle(line: DrawnLine, x: number, y: number, radius: number, tolerance = FLAT_MM): void {
  for (const { from, middle } of chords(line)) {
    expect(Math.hypot(from.x - x, from.y - y)).toBeCloseTo(radius, 6);
    expect(radius - Math.hypot(middle.x - x, middle.y - y)).toBeLessThanOrEqual(tolerance + 1e-9);
  }
}

describe('DXF', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  test('circles are as round as asked', () => {
    fc.assert(
      fc.property(number(-200, 200), number(-200, 200), number(1, 300), (x, y, r) => {
        const line = lineIn(readDxf(dxf([[[0, 'CIRCLE'], [8, '0'], [10, x], [20, y], [30, 0], [40, r]]])));
        expect(line.closed).toBe(true);
        expectCircle(line, x, y, r);
      }),
      { numRuns: 40 },
    );
  }); // prettier-ignore
  test('arcs end where they should, counter-clockwise from their start', () => {
    fc.assert(
      fc.property(number(5, 300), number(0, 359), number(1, 359), (r, from, turn) => {
        const line = lineIn(readDxf(dxf([drawnArc(10, 20, r, from, (from + turn) % 360)])));
        expectCircle(line, 10, 20, r);
        const end = ((from + turn) * Math.PI) / 180;
        expect(line.points.at(-1)!.x).toBeCloseTo(10 + r * Math.cos(end), 5);
        expect(line.points.at(-1)!.y).toBeCloseTo(20 + r * Math.sin(end), 5);
        const middle = line.points[Math.floor(line.points.length / 2)]!;
        if (line.points.length === 3) expect(Math.atan2(middle.y - 20, middle.x - 10)).toBeCloseTo(Math.atan2(Math.sin(((from + turn / 2) * Math.PI) / 180), Math.cos(((from + turn / 2) * Math.PI) / 180)), 5); // prettier-ignore
      }),
      { numRuns: 60 },
    );
  });
  // DXF reference, group 42: a bulge is the tangent of a quarter of the arc's angle; 1 is half a circle, + counter-clockwise.
  test.each([
    ['half a turn below its chord', [[0, 0, 1], [40, 0, 0]], { x: 20, y: 0 }, 20, -20],
    ['half a turn above it', [[0, 0, -1], [40, 0, 0]], { x: 20, y: 0 }, 20, 20],
    ['a quarter', [[20, 0, Math.tan(Math.PI / 8)], [0, 20, 0]], { x: 0, y: 0 }, 20, null],
    ['three quarters', [[20, 0, Math.tan((3 * Math.PI) / 8)], [0, -20, 0]], { x: 0, y: 0 }, 20, null],
  ] as const)('a bulge of %s', (_, points, centre, radius, farthest) => {
    const line = lineIn(readDxf(dxf([polyline(points.map((one) => [...one] as [number, number, number]), false)])));
    expectCircle(line, centre.x, centre.y, radius);
    if (farthest !== null) expect(line.points.some(({ y }) => Math.abs(y - farthest) < FLAT_MM)).toBe(true);
  }); // prettier-ignore
  test('two half-turn bulges are a whole circle: its area to the tolerance', () => {
    const line = lineIn(readDxf(dxf([polyline([[-50, 0, 1], [50, 0, 1]], true)]))); // prettier-ignore
    expectCircle(line, 0, 0, 50);
    const area = Math.abs(outlineAreaMm2(line.points.map(({ x, y }) => ({ a: x, r: y }))));
    expect(Math.PI * 2500 - area).toBeGreaterThan(0);
    expect(Math.PI * 2500 - area).toBeLessThan(2 * Math.PI * 50 * FLAT_MM);
  });
  test('an ellipse keeps to its equation', () => {
    const line = lineIn(readDxf(dxf([[[0, 'ELLIPSE'], [8, '0'], [10, 5], [20, 6], [30, 0], [11, 60], [21, 0], [31, 0], [40, 0.5], [41, 0], [42, 2 * Math.PI]]]))); // prettier-ignore
    expect(line.closed).toBe(true);
    for (const { from } of chords(line)) expect(((from.x - 5) / 60) ** 2 + ((from.y - 6) / 30) ** 2).toBeCloseTo(1, 6);
  });
  test('splines go where NURBSCurve of three goes', () => {
    const control = [[0, 100], [20, 140], [60, 150], [80, 120], [90, 90], [40, 80]]; // prettier-ignore
    const knots = [0, 0, 0, 0, 1, 2, 3, 3, 3, 3];
    const rows: [number, string | number][] = [[0, 'SPLINE'], [8, '0'], [70, 8], [71, 3], [72, 10], [73, 6], [74, 0]];
    for (const knot of knots) rows.push([40, knot]);
    for (const [x, y] of control) rows.push([10, x!], [20, y!], [30, 0]);
    const line = lineIn(readDxf(dxf([rows])));
    const curve = new NURBSCurve(3, knots, control.map(([x, y]) => new Vector4(x, y, 0, 1))); // prettier-ignore
    // Chords of a reference this fine leave the curve by less than 0.0001 mm.
    const places = Array.from({ length: 4001 }, (_, index) => curve.getPoint(index / 4000)).map(({ x, y }) => Flatten.point(x, y));
    const reference = places.slice(1).map((to, index) => Flatten.segment(places[index]!, to));
    const apart = ({ x, y }: { x: number; y: number }) => Math.min(...reference.map((piece) => Flatten.point(x, y).distanceTo(piece)[0]));
    for (const { from, middle } of chords(line)) {
      expect(apart(from)).toBeLessThan(1e-3);
      expect(apart(middle)).toBeLessThan(FLAT_MM);
    }
  }); // prettier-ignore
  test('pieces drawn in any order and direction are joined into one closed line', () => {
    const pieces = [drawnLine(20, 95, 20, 150), drawnLine(55, 150, 20, 150), drawnLine(55, 95, 20, 95), drawnArc(55, 122.5, 27.5, 270, 90)]; // prettier-ignore
    const { lines } = readDxf(dxf(pieces)).drawing!;
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ closed: true, name: 'joined pieces' });
    expect(Math.abs(outlineAreaMm2(outlineFrom(lines[0]!, AS_DRAWN)))).toBeCloseTo(35 * 55 + (Math.PI * 27.5 ** 2) / 2, -1); // prettier-ignore
  });
  test('what stays open says how far', () => {
    const { lines } = readDxf(dxf([drawnLine(0, 100, 20, 100), drawnLine(20, 100, 20, 130)])).drawing!;
    expect(lines).toHaveLength(1);
    expect(() => outlineFrom(lines[0]!, AS_DRAWN)).toThrow('is open: its ends are 36.1 mm apart');
  });
  test.each([
    [1, 25.4, /inches/],
    [4, 1, /millimetres/],
    [5, 10, /centimetres/],
    [0, null, /names no unit/],
    [99, null, /not known/],
    [null, null, /names no unit/],
  ])('$INSUNITS %p: %p mm', (code, unitMm, says) => {
    const { drawing } = readDxf(dxf([drawnLine(0, 0, 1, 1)], code));
    expect(drawing).toMatchObject({ unitMm });
    expect(drawing!.unitSays).toMatch(says);
  });
  test('without a unit curves are fine enough for inches', () => {
    const line = lineIn(readDxf(dxf([[[0, 'CIRCLE'], [8, '0'], [10, 0], [20, 0], [30, 0], [40, 6]]], null)));
    expectCircle(line, 0, 0, 6, FLAT_MM / 25.4);
  }); // prettier-ignore
  const face3d: [number, string | number][] = [[0, '3DFACE'], [8, '0'], [10, 0], [20, 0], [30, 0], [11, 1], [21, 0], [31, 0], [12, 1], [22, 1], [32, 5], [13, 0], [23, 1], [33, 5]]; // prettier-ignore
  test.each<[string, string, RegExp]>([
    ['a block', dxf([[[0, 'INSERT'], [8, '0'], [2, 'CALIPER'], [10, 0], [20, 0]]]), /places a block: explode it/],
    ['3-D faces', dxf([face3d]), /3-D faces: export the section/],
    ['a solid', dxf([[[0, '3DSOLID'], [8, '0'], [1, 'x']]]), /3-D solid/],
    ['what nobody knows', dxf([[[0, 'WIPEOUT'], [8, '0']]]), /has a WIPEOUT, which is not read/],
    ['no entities', '0\nSECTION\n2\nHEADER\n0\nENDSEC\n0\nEOF\n', /no ENTITIES/],
    ['only words', dxf([[[0, 'TEXT'], [8, '0'], [10, 0], [20, 0], [40, 2], [1, 'note']]]), /no lines/],
    ['binary', 'Binary DXF\u0000\u0001', /binary DXF/],
    ['something else', 'hello', /not a DXF/],
    ['cut short', dxf([drawnLine(0, 0, 1, 1)]).slice(0, 60), /cannot be read|no ENTITIES|no lines|EOF/i],
    ['a number that is none', dxf([drawnLine(Number.NaN, 0, 1, 1)]), /not a number/],
  ])('%s is refused', (_, text, message) => expect(fault(readDxf(text))).toMatch(message)); // prettier-ignore
  test('lines that leave the plane, mirrored ones and rational splines without weights are told and not taken', () => {
    const leaves = lineIn(readDxf(dxf([[[0, 'POLYLINE'], [8, '0'], [66, 1], [70, 8], [0, 'VERTEX'], [8, '0'], [10, 0], [20, 0], [30, 0], [0, 'VERTEX'], [8, '0'], [10, 5], [20, 0], [30, 5], [0, 'SEQEND']]]))); // prettier-ignore
    expect(leaves.fault).toMatch(/leaves its plane/);
    const rational = lineIn(readDxf(dxf([[[0, 'SPLINE'], [8, '0'], [70, 12], [71, 2], [40, 0], [40, 1], [10, 0], [20, 0], [30, 0]]]))); // prettier-ignore
    expect(rational.fault).toMatch(/spline/);
    expect(() => placed(rational, AS_DRAWN)).toThrow(/spline/);
  });
});

describe('SVG', () => {
  test.each([
    ['a circle', '<circle cx="60" cy="80" r="40"/>', 60, -80, 40],
    ['a path of arcs', '<path d="M20 80 A40 40 0 1 1 100 80 A40 40 0 1 1 20 80 Z"/>', 60, -80, 40],
    ['moved and doubled', '<g transform="translate(10 20)"><circle cx="5" cy="5" r="10" transform="scale(2)"/></g>', 20, -30, 20],
  ])('%s is round to the tolerance', (_, shape, x, y, r) => {
    const line = lineIn(readSvg(svg(shape)));
    expect(line.closed).toBe(true);
    for (const { from, middle } of chords(line)) {
      // Arcs become cubic curves, which leave the circle by 2.7e-4 of the radius (known bound of the quarter arc).
      expect(Math.abs(Math.hypot(from.x - x, from.y - y) - r)).toBeLessThan(3e-4 * r);
      expect(Math.abs(Math.hypot(middle.x - x, middle.y - y) - r)).toBeLessThan(FLAT_MM + 3e-4 * r);
    }
  }); // prettier-ignore
  test('lines, relative steps, quadratic curves and a rounded box', () => {
    const box = lineIn(readSvg(svg('<rect x="10" y="20" width="30" height="40"/>')));
    expect(box.points).toEqual([{ x: 10, y: -20 }, { x: 40, y: -20 }, { x: 40, y: -60 }, { x: 10, y: -60 }]); // prettier-ignore
    const steps = lineIn(readSvg(svg('<path d="m10 10 h20 v5 l-20 0 z"/>')));
    expect(steps.points).toEqual([{ x: 10, y: -10 }, { x: 30, y: -10 }, { x: 30, y: -15 }, { x: 10, y: -15 }]); // prettier-ignore
    // A quadratic curve is a parabola: from (0,0) by (50,100) to (100,0) its top is at half height.
    const bow = lineIn(readSvg(svg('<path d="M0 0 Q50 100 100 0"/>')));
    for (const { x, y } of bow.points) expect(-y).toBeCloseTo(2 * x - (2 * x * x) / 100, 6);
    expect(bow.closed).toBe(false);
    const round = lineIn(readSvg(svg('<rect width="40" height="20" rx="5"/>')));
    const area = Math.abs(outlineAreaMm2(round.points.map(({ x, y }) => ({ a: x, r: y }))));
    expect(800 - (4 - Math.PI) * 25 - area).toBeLessThan(2 * Math.PI * 5 * FLAT_MM);
    expect(area).toBeLessThan(800 - (4 - Math.PI) * 25 + 0.1);
  });
  test.each([
    ['width="200mm" viewBox="0 0 200 100"', 1],
    ['width="10in" viewBox="0 0 254 100"', 1],
    ['width="20cm" height="10cm" viewBox="0 0 100 50"', 2],
    ['width="72pt" viewBox="0 0 1 1"', 25.4],
    ['width="200" viewBox="0 0 200 100"', null],
    ['viewBox="0 0 200 100"', null],
    ['width="200mm" height="300mm" viewBox="0 0 200 100"', null],
  ])('%s: %p mm a unit', (head, unitMm) => {
    const { drawing } = readSvg(svg('<rect width="10" height="10"/>', head));
    if (unitMm === null) expect(drawing!.unitMm).toBeNull();
    else expect(drawing!.unitMm).toBeCloseTo(unitMm, 9);
  });
  test('a path with holes is told and not taken', () => {
    const line = lineIn(readSvg(svg('<path d="M0 0 h50 v50 h-50 z M10 10 h5 v5 h-5 z"/>')));
    expect(line.fault).toMatch(/2 pieces, with holes/);
    expect(() => outlineFrom(line, AS_DRAWN)).toThrow(DomainError);
  });
  test.each([
    ['broken XML', '<svg><path d="M0 0"</svg>', /not well-formed/],
    ['no drawing', svg('<g></g>'), /no lines/],
    ['a symbol by reference', svg('<use href="#x"/>'), /use/],
    ['no svg', '<html></html>', /no svg element/],
  ])('%s is refused', (_, text, message) => expect(fault(readSvg(text))).toMatch(message));
  test('a path that cannot be read is named; hidden and defined ones are not lines; words are left out', () => {
    expect(lineIn(readSvg(svg('<path id="cut" d="M0 0 L"/>')))).toMatchObject({ name: 'cut', fault: expect.stringMatching(/cannot be read/) }); // prettier-ignore
    const { drawing } = readSvg(svg('<defs><path d="M0 0 h5 v5 z"/></defs><path display="none" d="M0 0 h5 v5 z"/><text>x</text><path d="M0 0 h5 v5 z"/>')); // prettier-ignore
    expect(drawing!.lines).toHaveLength(1);
    expect(drawing!.leftOut).toEqual(['text']);
  });
});

describe('a drawing laid into the half section', () => {
  const line: DrawnLine = { name: 'cut', points: [{ x: 10, y: 100 }, { x: 40, y: 100 }, { x: 40, y: 60 }, { x: 10, y: 60 }], closed: true, fault: null }; // prettier-ignore
  test.each([
    ['right', { x: 0, y: 0 }, { a: 10, r: 100 }],
    ['left', { x: 0, y: 0 }, { a: -10, r: 100 }],
    ['right', { x: 5, y: 20 }, { a: 5, r: 80 }],
    ['up', { x: 0, y: 0 }, { a: 100, r: 10 }],
    ['down', { x: 0, y: 0 }, { a: -100, r: 10 }],
    ['right', { x: 0, y: 200 }, { a: 10, r: 100 }],
  ] as const)('outboard %s from %j', (outboard, origin, first) =>
    expect(outlineFrom(line, { unitMm: 1, origin, outboard })[0]).toEqual(first),
  );
  test('inches are 25.4 mm', () => {
    expect(outlineFrom(line, { ...AS_DRAWN, unitMm: 0.254 })[0]).toEqual({ a: 2.54, r: 25.4 });
  });
  test.each([
    ['across the axis', { ...AS_DRAWN, origin: { x: 0, y: 80 } }, /across the hub/],
    ['far too large', { ...AS_DRAWN, unitMm: 304.8 }, /is the unit right/],
  ])('%s is refused', (_, placement, message) => expect(() => outlineFrom(line, placement)).toThrow(message));
  test('a line that crosses itself is refused', () => {
    const bow = { ...line, points: [line.points[0]!, line.points[2]!, line.points[1]!, line.points[3]!] };
    expect(() => outlineFrom(bow, AS_DRAWN)).toThrow(/crosses itself/);
  });
});

describe('written out and read back', () => {
  const stars = fc
    .array(fc.double({ min: 10, max: 60, noNaN: true }), { minLength: 3, maxLength: 20 })
    .map((reach) => reach.map((far, index): AxialPoint => ({ a: 10 + far * Math.cos((2 * Math.PI * index) / reach.length), r: 120 + far * Math.sin((2 * Math.PI * index) / reach.length) }))); // prettier-ignore
  // Written by one library and read by another.
  test.each([
    ['SVG', writeSvg, 'outline.svg'],
    ['DXF', writeDxf, 'outline.dxf'],
  ] as const)('%s keeps every corner to a ten-thousandth of a millimetre, and its unit', (_, write, name) => {
    fc.assert(
      fc.property(stars, (outline) => {
        const read = readDrawing(name, bytes(write([{ name: 'caliper', points: outline, closed: true }])));
        expect(read.drawing!.unitMm).toBeCloseTo(1, 3);
        const back = outlineFrom(lineIn(read), { ...AS_DRAWN, unitMm: read.drawing!.unitMm! });
        expect(back).toHaveLength(outline.length);
        back.forEach(({ a, r }, index) => {
          expect(a).toBeCloseTo(outline[index]!.a, 2);
          expect(r).toBeCloseTo(outline[index]!.r, 2);
        });
      }),
      { numRuns: 40 },
    );
  });
  test('several lines stay apart, and open ones open', () => {
    const lines = [
      { name: 'barrel', points: [{ a: -80, r: 200 }, { a: 30, r: 198 }], closed: false },
      { name: 'spoke', points: [{ a: 34, r: 190 }, { a: 48, r: 90 }], closed: false },
    ]; // prettier-ignore
    for (const [name, text] of [['x.svg', writeSvg(lines)], ['x.dxf', writeDxf(lines)]] as const) {
      const back = readDrawing(name, bytes(text)).drawing!.lines;
      expect(back.map(({ closed, points }) => [closed, points.length])).toEqual([[false, 2], [false, 2]]);
    }
  }); // prettier-ignore
});

describe('files', () => {
  test.each([
    ['40 MB', 'x.dxf', new Uint8Array(40 * 1024 * 1024), /larger than 5 MB \(40\.0 MB\)/],
    ['nothing', 'x.svg', new Uint8Array(0), /is empty/],
    ['an SVG in name only', 'x.svg', bytes('0\nSECTION'), /no svg element/],
    ['noise', 'x.dxf', new Uint8Array([255, 254, 0, 1, 2, 3]), /binary|not a DXF/],
  ])('%s is refused', (_, name, content, message) => expect(fault(readDrawing(name, content))).toMatch(message));
  test('what is just small enough is read', () => {
    const text = svg('<rect width="10" height="10"/>');
    const padded = text + ' '.repeat(MAX_DRAWING_BYTES - text.length);
    expect(readDrawing('x.svg', bytes(padded)).drawing!.lines).toHaveLength(1);
  });
});
