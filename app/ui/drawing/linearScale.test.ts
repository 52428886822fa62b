import { scaleLinear } from 'd3';
import fc from 'fast-check';
import { linearScale } from './linearScale';

const px = fc.integer({ min: -2000, max: 2000 });
const ends = fc.tuple(px, px).filter(([from, to]) => from !== to);

// Reference: d3-scale. It turns what falls around, which rounds differently.
test('a value stands where d3 puts it, and is read back from there', () =>
  fc.assert(
    fc.property(ends, ends, fc.double({ min: -5000, max: 5000, noNaN: true }), (domain, range, value) => {
      const [own, known] = [linearScale(domain, range), scaleLinear(domain, range)];
      expect(own(value)).toBeCloseTo(known(value), 6);
      expect(own.invert(value)).toBeCloseTo(known.invert(value), 6);
    }),
  ));
test('both ends of the domain stand at the ends of the range', () => {
  const x = linearScale([-30, 30], [20, 500]);
  expect([x(-30), x(0), x(30), x(60), x.invert(260)]).toEqual([20, 260, 500, 740, 0]);
});
