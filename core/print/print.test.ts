import fc from 'fast-check';
import { DomainError } from '#core/errors';
import { CHECK_MM, printProof } from '#core/print';

const TRUE_SIZE = { across: 1, along: 1 };

describe('proof of a print', () => {
  // Worked by hand: 150 printed as 147 is 2 % short, and the next sheet is 150/147 as wide.
  test('two ways, each by itself', () => {
    const proof = printProof({ across: 147, along: 201 }, TRUE_SIZE);
    expect(proof.isTrue).toBe(false);
    expect(proof.offPct.across).toBeCloseTo(-2, 9);
    expect(proof.offMm).toEqual({ across: -3, along: 1 });
    expect(proof.next.across).toBeCloseTo(150 / 147, 12);
    expect(proof.next.along).toBeCloseTo(200 / 201, 12);
  });
  test.each([
    [150, 200, true],
    [150.5, 199.5, true],
    [150.6, 200, false],
    [150, 199.4, false],
  ])('read %d and %d: true is %p', (across, along, isTrue) =>
    expect(printProof({ across, along }, TRUE_SIZE).isTrue).toBe(isTrue),
  );
  test('the corrected sheet comes out true on the printer that was off', () => {
    const off = fc.double({ min: 0.9, max: 1.1, noNaN: true });
    fc.assert(
      fc.property(off, off, off, (across, along, before) => {
        const printer = { across, along };
        const printedWith = { across: before, along: 1 / before };
        const read = (scale: typeof printer) => ({
          across: CHECK_MM.across * scale.across * printer.across,
          along: CHECK_MM.along * scale.along * printer.along,
        });
        const first = read(printedWith);
        fc.pre(Math.abs(first.across / 150 - 1) < 0.15 && Math.abs(first.along / 200 - 1) < 0.15);
        const second = read(printProof(first, printedWith).next);
        expect(second.across).toBeCloseTo(CHECK_MM.across, 9);
        expect(second.along).toBeCloseTo(CHECK_MM.along, 9);
      }),
    );
  });
  test.each([
    [0, 200, 'across'],
    [150, 0, 'along'],
    [-150, 200, 'across'],
    [15, 200, 'across'],
    [150, 240, 'along'],
    [Number.NaN, 200, 'across'],
  ])('%d and %d cannot be', (across, along, path) => {
    expect(() => printProof({ across, along }, TRUE_SIZE)).toThrow(DomainError);
    try {
      printProof({ across, along }, TRUE_SIZE);
    } catch (error) {
      expect((error as DomainError).path).toBe(path);
    }
  });
});
