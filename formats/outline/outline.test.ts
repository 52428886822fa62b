import Flatten from '@flatten-js/core';
import fc from 'fast-check';
import { Vector4 } from 'three';
import { NURBSCurve } from 'three/examples/jsm/curves/NURBSCurve.js';
import { outlineAreaMm2 } from '#core/brake';
import { FLAT_MM, outlineFrom, placed, readDxf } from '#formats/outline';
import { lineIn, fault, AS_DRAWN, dxf, drawnLine, drawnArc, polyline, chords, expectCircle } from '#support/drawings';

describe('DXF', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  test('circles are as round as asked', () => {
    fc.assert(
      fc.property(number(-200, 200), number(-200, 200), number(1, 300), (x, y, r) => {
        const line = lineIn(
          readDxf(
            dxf([
              [
                [0, 'CIRCLE'],
                [8, '0'],
                [10, x],
                [20, y],
                [30, 0],
                [40, r],
              ],
            ]),
          ),
        );
        expect(line.closed).toBe(true);
        expectCircle(line, x, y, r);
      }),
      { numRuns: 40 },
    );
  });
  test('arcs end where they should, counter-clockwise from their start', () => {
    fc.assert(
      fc.property(number(5, 300), number(0, 359), number(1, 359), (r, from, turn) => {
        const line = lineIn(readDxf(dxf([drawnArc(10, 20, r, from, (from + turn) % 360)])));
        expectCircle(line, 10, 20, r);
        const end = ((from + turn) * Math.PI) / 180;
        expect(line.points.at(-1)!.x).toBeCloseTo(10 + r * Math.cos(end), 5);
        expect(line.points.at(-1)!.y).toBeCloseTo(20 + r * Math.sin(end), 5);
        const middle = line.points[Math.floor(line.points.length / 2)]!;
        if (line.points.length === 3)
          expect(Math.atan2(middle.y - 20, middle.x - 10)).toBeCloseTo(
            Math.atan2(Math.sin(((from + turn / 2) * Math.PI) / 180), Math.cos(((from + turn / 2) * Math.PI) / 180)),
            5,
          );
      }),
      { numRuns: 60 },
    );
  });
  // DXF reference, group 42: a bulge is the tangent of a quarter of the arc's angle; 1 is half a circle, +
  // counter-clockwise.
  test.each([
    [
      'half a turn below its chord',
      [
        [0, 0, 1],
        [40, 0, 0],
      ],
      { x: 20, y: 0 },
      20,
      -20,
    ],
    [
      'half a turn above it',
      [
        [0, 0, -1],
        [40, 0, 0],
      ],
      { x: 20, y: 0 },
      20,
      20,
    ],
    [
      'a quarter',
      [
        [20, 0, Math.tan(Math.PI / 8)],
        [0, 20, 0],
      ],
      { x: 0, y: 0 },
      20,
      null,
    ],
    [
      'three quarters',
      [
        [20, 0, Math.tan((3 * Math.PI) / 8)],
        [0, -20, 0],
      ],
      { x: 0, y: 0 },
      20,
      null,
    ],
  ] as const)('a bulge of %s', (_, points, center, radius, farthest) => {
    const line = lineIn(
      readDxf(
        dxf([
          polyline(
            points.map((one) => [...one] as [number, number, number]),
            false,
          ),
        ]),
      ),
    );
    expectCircle(line, center.x, center.y, radius);
    if (farthest !== null) expect(line.points.some(({ y }) => Math.abs(y - farthest) < FLAT_MM)).toBe(true);
  });
  test('two half-turn bulges are a whole circle: its area to the tolerance', () => {
    const line = lineIn(
      readDxf(
        dxf([
          polyline(
            [
              [-50, 0, 1],
              [50, 0, 1],
            ],
            true,
          ),
        ]),
      ),
    );
    expectCircle(line, 0, 0, 50);
    const area = Math.abs(outlineAreaMm2(line.points.map(({ x, y }) => ({ a: x, r: y }))));
    expect(Math.PI * 2500 - area).toBeGreaterThan(0);
    expect(Math.PI * 2500 - area).toBeLessThan(2 * Math.PI * 50 * FLAT_MM);
  });
  test('an ellipse keeps to its equation', () => {
    const line = lineIn(
      readDxf(
        dxf([
          [
            [0, 'ELLIPSE'],
            [8, '0'],
            [10, 5],
            [20, 6],
            [30, 0],
            [11, 60],
            [21, 0],
            [31, 0],
            [40, 0.5],
            [41, 0],
            [42, 2 * Math.PI],
          ],
        ]),
      ),
    );
    expect(line.closed).toBe(true);
    for (const { from } of chords(line)) expect(((from.x - 5) / 60) ** 2 + ((from.y - 6) / 30) ** 2).toBeCloseTo(1, 6);
  });
  test('splines go where NURBSCurve of three goes', () => {
    const control = [
      [0, 100],
      [20, 140],
      [60, 150],
      [80, 120],
      [90, 90],
      [40, 80],
    ];
    const knots = [0, 0, 0, 0, 1, 2, 3, 3, 3, 3];
    const rows: [number, string | number][] = [
      [0, 'SPLINE'],
      [8, '0'],
      [70, 8],
      [71, 3],
      [72, 10],
      [73, 6],
      [74, 0],
    ];
    for (const knot of knots) rows.push([40, knot]);
    for (const [x, y] of control) rows.push([10, x!], [20, y!], [30, 0]);
    const line = lineIn(readDxf(dxf([rows])));
    const curve = new NURBSCurve(
      3,
      knots,
      control.map(([x, y]) => new Vector4(x, y, 0, 1)),
    );
    // Chords of a reference this fine leave the curve by less than 0.0001 mm.
    const places = Array.from({ length: 4001 }, (_, index) => curve.getPoint(index / 4000)).map(({ x, y }) =>
      Flatten.point(x, y),
    );
    const reference = places.slice(1).map((to, index) => Flatten.segment(places[index]!, to));
    const apart = ({ x, y }: { x: number; y: number }) =>
      Math.min(...reference.map((piece) => Flatten.point(x, y).distanceTo(piece)[0]));
    for (const { from, middle } of chords(line)) {
      expect(apart(from)).toBeLessThan(1e-3);
      expect(apart(middle)).toBeLessThan(FLAT_MM);
    }
  });
  test('pieces drawn in any order and direction are joined into one closed line', () => {
    const pieces = [
      drawnLine(20, 95, 20, 150),
      drawnLine(55, 150, 20, 150),
      drawnLine(55, 95, 20, 95),
      drawnArc(55, 122.5, 27.5, 270, 90),
    ];
    const { lines } = readDxf(dxf(pieces)).drawing!;
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ closed: true, name: 'joined pieces' });
    expect(Math.abs(outlineAreaMm2(outlineFrom(lines[0]!, AS_DRAWN)))).toBeCloseTo(
      35 * 55 + (Math.PI * 27.5 ** 2) / 2,
      -1,
    );
  });
  test('what stays open says how far', () => {
    const { lines } = readDxf(dxf([drawnLine(0, 100, 20, 100), drawnLine(20, 100, 20, 130)])).drawing!;
    expect(lines).toHaveLength(1);
    expect(() => outlineFrom(lines[0]!, AS_DRAWN)).toThrow('is open: its ends are 36.1 mm apart');
  });
  test.each([
    [1, 25.4, /inches/],
    [4, 1, /millimeters/],
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
    const line = lineIn(
      readDxf(
        dxf(
          [
            [
              [0, 'CIRCLE'],
              [8, '0'],
              [10, 0],
              [20, 0],
              [30, 0],
              [40, 6],
            ],
          ],
          null,
        ),
      ),
    );
    expectCircle(line, 0, 0, 6, FLAT_MM / 25.4);
  });
  const face3d: [number, string | number][] = [
    [0, '3DFACE'],
    [8, '0'],
    [10, 0],
    [20, 0],
    [30, 0],
    [11, 1],
    [21, 0],
    [31, 0],
    [12, 1],
    [22, 1],
    [32, 5],
    [13, 0],
    [23, 1],
    [33, 5],
  ];
  test.each<[string, string, RegExp]>([
    [
      'a block',
      dxf([
        [
          [0, 'INSERT'],
          [8, '0'],
          [2, 'CALIPER'],
          [10, 0],
          [20, 0],
        ],
      ]),
      /places a block: explode it/,
    ],
    ['3-D faces', dxf([face3d]), /3-D faces: export the section/],
    [
      'a solid',
      dxf([
        [
          [0, '3DSOLID'],
          [8, '0'],
          [1, 'x'],
        ],
      ]),
      /3-D solid/,
    ],
    [
      'what nobody knows',
      dxf([
        [
          [0, 'WIPEOUT'],
          [8, '0'],
        ],
      ]),
      /has a WIPEOUT, which is not read/,
    ],
    ['no entities', '0\nSECTION\n2\nHEADER\n0\nENDSEC\n0\nEOF\n', /no ENTITIES/],
    [
      'only words',
      dxf([
        [
          [0, 'TEXT'],
          [8, '0'],
          [10, 0],
          [20, 0],
          [40, 2],
          [1, 'note'],
        ],
      ]),
      /no lines/,
    ],
    ['binary', 'Binary DXF\u0000\u0001', /binary DXF/],
    ['something else', 'hello', /not a DXF/],
    ['cut short', dxf([drawnLine(0, 0, 1, 1)]).slice(0, 60), /cannot be read|no ENTITIES|no lines|EOF/i],
    ['a number that is none', dxf([drawnLine(Number.NaN, 0, 1, 1)]), /not a number/],
  ])('%s is refused', (_, text, message) => expect(fault(readDxf(text))).toMatch(message));
  test('lines that leave the plane, mirrored ones and rational splines without weights are told and not taken', () => {
    const leaves = lineIn(
      readDxf(
        dxf([
          [
            [0, 'POLYLINE'],
            [8, '0'],
            [66, 1],
            [70, 8],
            [0, 'VERTEX'],
            [8, '0'],
            [10, 0],
            [20, 0],
            [30, 0],
            [0, 'VERTEX'],
            [8, '0'],
            [10, 5],
            [20, 0],
            [30, 5],
            [0, 'SEQEND'],
          ],
        ]),
      ),
    );
    expect(leaves.fault).toMatch(/leaves its plane/);
    const rational = lineIn(
      readDxf(
        dxf([
          [
            [0, 'SPLINE'],
            [8, '0'],
            [70, 12],
            [71, 2],
            [40, 0],
            [40, 1],
            [10, 0],
            [20, 0],
            [30, 0],
          ],
        ]),
      ),
    );
    expect(rational.fault).toMatch(/spline/);
    expect(() => placed(rational, AS_DRAWN)).toThrow(/spline/);
  });
});
