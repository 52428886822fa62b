import fc from 'fast-check';
import {
  contourOf,
  distanceLattice,
  distanceToSectionMm,
  halfWidthAtRadiusMm,
  LATTICE_OFF_MM,
  latticeDistanceMm,
  mostReadMm,
  nearestOnSection,
  sectionOf,
  sectionPartAt,
  SURFACES,
  surfacePoint,
  type Section,
} from '#core/section';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const section: fc.Arbitrary<Section> = fc
  .record({
    height: real(60, 200),
    width: real(150, 340),
    tread: real(0.7, 0.95),
    rimWidthIn: real(4, 12),
    seatDiameterMm: fc.constantFrom(330, 381, 432, 483),
  })
  .map(({ height, width, tread, rimWidthIn, seatDiameterMm }) =>
    sectionOf(
      { overallDiameterMm: seatDiameterMm + 2 * height, sectionWidthMm: width, treadWidthMm: width * tread },
      { rimWidthIn, seatDiameterMm, flangeMm: 12.7 },
    ),
  );

/** Least distance to very many places of the outline, written out from the widths at each radius. */
function bruteDistance(s: Section, a: number, r: number): number {
  let least = Infinity;
  const look = (x: number, y: number) => (least = Math.min(least, Math.hypot(Math.abs(a) - x, r - y)));
  const treadEdge = s.radiusMm - s.crownDropMm;
  for (let i = 0; i <= 20_000; i++) {
    const t = i / 20_000;
    look(s.halfRimMm, s.flangeRadiusMm * t);
    // Closely where the curves begin and end.
    const eased = (1 - Math.cos(Math.PI * t)) / 2;
    const low = s.flangeRadiusMm + 1e-9 + (s.bellyRadiusMm - s.flangeRadiusMm) * eased;
    const high = s.bellyRadiusMm + (treadEdge - s.bellyRadiusMm) * eased;
    look(halfWidthAtRadiusMm(s, low), low);
    look(halfWidthAtRadiusMm(s, high), high);
    look(s.halfTreadMm * t, s.radiusMm - s.crownDropMm * t * t);
  }
  return least;
}

describe('distance to a section', () => {
  test('is the least over twenty thousand places of each curve, inside negative', () => {
    fc.assert(
      fc.property(section, real(-260, 260), real(40, 560), (s, a, r) => {
        const brute = bruteDistance(s, a, r);
        const ours = distanceToSectionMm(s, a, r);
        expect(Math.abs(Math.abs(ours) - brute)).toBeLessThan(0.02);
        const inside = r < s.radiusMm && Math.abs(a) < halfWidthAtRadiusMm(s, r);
        if (brute > 0.02) expect(ours < 0).toBe(inside);
      }),
      { numRuns: 60 },
    );
  });
  test('changes no faster than the place moves, and is the same on either side', () => {
    fc.assert(
      fc.property(section, real(-260, 260), real(40, 560), real(-5, 5), real(-5, 5), (s, a, r, da, dr) => {
        const [here, there] = [distanceToSectionMm(s, a, r), distanceToSectionMm(s, a + da, r + dr)];
        expect(Math.abs(there - here)).toBeLessThanOrEqual(Math.hypot(da, dr) + 0.011);
        expect(distanceToSectionMm(s, -a, r)).toBe(here);
      }),
    );
  });
  test('known to be less than so much it is the same; where it is not, that is given back', () => {
    fc.assert(
      fc.property(section, real(-260, 260), real(40, 560), real(0.001, 80), (s, a, r, moreMm) => {
        const here = distanceToSectionMm(s, a, r);
        const far = Math.abs(here);
        expect(distanceToSectionMm(s, a, r, far + moreMm)).toBe(here);
        const less = far / (1 + moreMm);
        expect(Math.abs(distanceToSectionMm(s, a, r, less))).toBeCloseTo(less, 9);
      }),
    );
  });
  test('its nearest place lies on the outline at that distance', () => {
    fc.assert(
      fc.property(section, real(-260, 260), real(60, 560), (s, a, r) => {
        const at = nearestOnSection(s, a, r);
        expect(Math.hypot(at.a - a, at.r - r)).toBeCloseTo(Math.abs(distanceToSectionMm(s, a, r)), 6);
        expect(Math.abs(distanceToSectionMm(s, at.a, at.r))).toBeLessThan(0.01);
      }),
    );
  });
  test('chords leave the curves by less than 0.005 mm', () => {
    fc.assert(
      fc.property(section, (s) => {
        const { a, r, da, dr } = contourOf(s).alike;
        for (let i = 1; i < a.length; i++) {
          const [ma, mr] = [a[i]! + da[i]! / 2, r[i]! + dr[i]! / 2];
          if (mr <= s.flangeRadiusMm || (da[i] === 0 && dr[i] === 0)) continue;
          // Along the radius or along the axis, whichever the curve runs across.
          const across = Math.abs(halfWidthAtRadiusMm(s, mr) - ma);
          const onCrown = mr > s.radiusMm - s.crownDropMm - 1e-9;
          const along = onCrown ? Math.abs(s.radiusMm - s.crownDropMm * (ma / s.halfTreadMm) ** 2 - mr) : Infinity;
          const squarely = across * (Math.abs(dr[i]!) / Math.hypot(da[i]!, dr[i]!));
          expect(Math.min(squarely, along)).toBeLessThan(0.006);
        }
      }),
      { numRuns: 30 },
    );
  });
  test('the nodes of the lattice hold it as it is, in whatever order they are filled in', () => {
    fc.assert(
      fc.property(
        section,
        fc.array(fc.tuple(fc.integer({ min: -60, max: 60 }), fc.integer({ min: 20, max: 130 }))),
        (s, at) => {
          const lattice = distanceLattice(s);
          for (const [i, j] of at) {
            const read = latticeDistanceMm(lattice, 4 * i, 4 * j);
            expect(Math.fround(read)).toBe(Math.fround(distanceToSectionMm(s, 4 * i, 4 * j)));
          }
        },
      ),
    );
  });
  test('read from the lattice it is off by no more than it is bounded by', () => {
    // As near to the rim as to the belly, 79.2 mm off: read 0.9 mm too near. The bounds follow from the distance being
    // 1-Lipschitz and from Jensen's inequality; no source beyond that.
    const equally: Section = {
      radiusMm: 276,
      rimRadiusMm: 216,
      flangeRadiusMm: 233.5,
      bellyRadiusMm: 246,
      halfSectionMm: 119.75683130532897,
      halfTreadMm: 83.82978191373027,
      halfRimMm: 63.5,
      crownDropMm: 5.029786914823816,
      hollow: null,
    };
    fc.assert(
      fc.property(section, real(-240, 240), real(60, 540), (s, a, r) => {
        const [exact, read] = [distanceToSectionMm(s, a, r), latticeDistanceMm(distanceLattice(s), a, r)];
        expect(read).toBeLessThan(mostReadMm(exact) + 0.02);
        expect(read).toBeGreaterThan(exact - LATTICE_OFF_MM - 0.02);
        // A place 10 mm off one point, beside the middle of its cell: (√68 + √148) / 2 = 10.206.
        if (exact > 10) expect(read - exact).toBeLessThan(0.207);
      }),
      {
        numRuns: 2000,
        examples: [
          [equally, 142.69, 166.63],
          [equally, -239.9999699784772, 113.6832822904632],
        ],
      },
    );
  });
  test('the bound of what is read holds for a lone point at any distance, wherever it lies in its cell', () => {
    fc.assert(
      fc.property(real(0, 600), real(0, 2 * Math.PI), real(0, 1), real(0, 1), (far, way, u, v) => {
        const corner = (i: number, j: number) =>
          Math.hypot(4 * (i - u) - far * Math.cos(way), 4 * (j - v) - far * Math.sin(way));
        const low = corner(0, 0) * (1 - u) + corner(1, 0) * u;
        const high = corner(0, 1) * (1 - u) + corner(1, 1) * u;
        expect(low * (1 - v) + high * v).toBeLessThanOrEqual(mostReadMm(far) + 1e-9);
      }),
    );
  });
});

/** The places that a solid disc has too. */
const SOLID_SURFACES = SURFACES.filter((surface) => surface !== 'barrel' && surface !== 'spokes');

describe('places a gap is read from', () => {
  test('lie on the outline, and leaving them squarely the distance is the way gone, where the form bulges', () => {
    fc.assert(
      fc.property(section, fc.constantFrom(...SOLID_SURFACES), real(0.1, 30), (s, surface, gap) => {
        const { a, r, na, nr } = surfacePoint(s, surface);
        expect(Math.abs(distanceToSectionMm(s, a, r))).toBeLessThan(0.01);
        expect(Math.hypot(na, nr)).toBeCloseTo(1, 12);
        const away = distanceToSectionMm(s, a + na * gap, r + nr * gap);
        expect(away).toBeLessThan(gap + 0.01);
        // The tread and a shoulder that stands out have nothing of the wheel beside them that could be nearer.
        if (surface === 'tread') expect(away).toBeCloseTo(gap, 2);
      }),
    );
  });
  test('outer and inner are mirrored; the tread follows its crown; beyond its edge it is refused', () => {
    fc.assert(
      fc.property(section, (s) => {
        for (const part of ['sidewall', 'shoulder'] as const) {
          const [outer, inner] = [surfacePoint(s, `outer-${part}`), surfacePoint(s, `inner-${part}`)];
          expect([inner.a, inner.r, inner.na, inner.nr]).toEqual([-outer.a, outer.r, -outer.na, outer.nr]);
        }
        expect(surfacePoint(s, 'tread', { axialMm: s.halfTreadMm }).r).toBeCloseTo(s.radiusMm - s.crownDropMm, 9);
        expect(() => surfacePoint(s, 'tread', { axialMm: s.halfTreadMm + 0.1 })).toThrow(
          /lies beyond the tread's edge/,
        );
      }),
    );
  });
  test('are named as a person would', () => {
    fc.assert(
      fc.property(section, (s) => {
        const name = (surface: (typeof SURFACES)[number]) => {
          const { a, r } = surfacePoint(s, surface);
          return sectionPartAt(s, a, r);
        };
        expect(name('tread')).toBe('tread');
        expect(name('inner-rim-flange')).toBe('inner rim flange');
        expect([name('outer-sidewall'), name('inner-sidewall')]).toEqual(['outer sidewall', 'inner sidewall']);
        expect([name('outer-shoulder'), name('inner-shoulder')]).toEqual(['outer shoulder', 'inner shoulder']);
      }),
    );
  });
});
