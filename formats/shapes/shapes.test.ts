import fc from 'fast-check';
import { familyFace, type InnerFace, type SpokeFamily } from '#core/brake';
import { DomainError } from '#core/errors';
import { faceText, innerFace, outlineText, readFaceText, readOutlineText } from '#formats/shapes';

describe('shapes as a line of text', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  const families = fc.constantFrom<SpokeFamily>('flat', 'curved', 'domed', 'deep');
  test('a face reads back as it was written, to a thousandth of a millimeter', () => {
    fc.assert(
      fc.property(families, fc.constantFrom(15, 16, 17, 18), number(-10, 50), (family, rimDiameterIn, offsetMm) => {
        const made = familyFace(family, { rimDiameterIn, rimWidthIn: 7.5, offsetMm, flangeMm: 12.7 });
        const face: InnerFace = { ...made, weights: [{ fromMm: -offsetMm - 60, toMm: -offsetMm - 40, heightMm: 5 }] };
        const back = readFaceText(faceText(face));
        expect(faceText(back)).toBe(faceText(face));
        expect(innerFace.validate(back).error).toBeUndefined();
        back.spoke!.forEach(({ a, r }, index) => {
          expect(a).toBeCloseTo(face.spoke![index]!.a, 2);
          expect(r).toBeCloseTo(face.spoke![index]!.r, 2);
        });
        expect(back).toMatchObject({ family, origin: 'family' });
      }),
    );
  });
  test('an outline too', () => {
    const outline = [
      { a: 20, r: 150 },
      { a: 55.125, r: 150 },
      { a: -3, r: 95 },
    ];
    expect(outlineText(outline)).toBe('20/150 55.125/150 -3/95');
    expect(readOutlineText(outlineText(outline))).toEqual(outline);
  });
  test.each([
    ['20/150 55/150', /three corners/],
    ['20/150 55 55/95', /“55” is not written like 34\/190/],
    ['20/150 x/150 55/95', /number/],
    ['0/100 20/120 20/100 0/120', /crosses itself/],
  ])('outline “%s” is refused', (text, message) => {
    expect(() => readOutlineText(text)).toThrow(DomainError);
    expect(() => readOutlineText(text)).toThrow(message);
  });
  test.each([
    ['rim 0/200 10/200', /“rim” is not one of/],
    ['barrel 0/200', /barrel needs at least two points/],
    ['barrel 0/200 10/200 5/200', /barrel turns back/],
    ['spoke 0/200 10/100 8/150', /spoke turns back/],
    ['weights 0/10/5', /a barrel first/],
    ['barrel 0/200 10/200 | family hollow', /“hollow” is not one of flat, curved, domed, deep/],
    ['barrel 0/200 10/200 | on 7.5', /not written like 7\.5\/40/],
    ['', /“” is not one of/],
  ])('face “%s” is refused', (text, message) => expect(() => readFaceText(text)).toThrow(message));
});
