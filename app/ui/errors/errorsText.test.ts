import fc from 'fast-check';
import { FAMILIES, FITTED_FIGURES, OUTER_CORNERS } from '#core/fitting';
import type { ShopError } from '#server/fittingErrors';
import { errorsOf, errorsText } from './errorsText';

const figure = fc.double({ noNaN: true, noDefaultInfinity: true }).map((value) => (value === 0 ? 0 : value));
const text = fc.string({ unit: 'binary' });
const errors: fc.Arbitrary<ShopError> = fc.record({
  family: fc.constantFrom(...FAMILIES),
  job: text,
  number: text,
  car: text,
  fitting: text,
  corner: fc.constantFrom(...OUTER_CORNERS),
  figure: fc.constantFrom(...FITTED_FIGURES),
  predicted: figure,
  measured: figure,
  at: fc.constant('2026-11-01T12:00:00.000Z'),
  error: figure,
  plusMinus: figure,
  measuringPlusMinus: figure,
});

test('errors as one text are the same errors, to the last digit', () => {
  fc.assert(fc.property(fc.array(errors), (all) => expect(errorsOf(errorsText(all))).toEqual(all)));
});
