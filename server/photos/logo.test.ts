import sharp from 'sharp';
import { cleanLogo } from './logo';

const text = (svg: string) => new TextEncoder().encode(svg);
const SIZE = 'width="200" height="80"';
const SVG = `<svg xmlns="http://www.w3.org/2000/svg" ${SIZE}><rect ${SIZE} fill="#123456"/></svg>`;

/** Entities of which each is many of the one before. */
const SWELLING = [
  '<!DOCTYPE svg [',
  `<!ENTITY a "${'x'.repeat(100)}"><!ENTITY b "${'&a;'.repeat(100)}"><!ENTITY c "${'&b;'.repeat(1000)}">`,
  ']><svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><text>&c;</text></svg>',
].join('');

test('a drawing becomes a picture: nothing of what it says besides is kept', async () => {
  const odd = SVG.replace(
    '</svg>',
    '<script>alert(1)</script><a href="javascript:alert(1)"><text x="9" y="30">x</text></a>' +
      '<image href="http://127.0.0.1:9/none.png" width="10" height="10"/><foreignObject><p>x</p></foreignObject></svg>',
  );
  for (const svg of [SVG, odd]) {
    const { png, fault } = await cleanLogo(text(svg));
    expect(fault).toBeUndefined();
    const { format, width, height } = await sharp(png).metadata();
    expect([format, Math.round((10 * width) / height)]).toEqual(['png', 25]);
    const all = Buffer.from(png!).toString('latin1');
    for (const word of ['script', 'alert', 'http', '<'])
      expect(all.includes(`${word}>`) || all.includes(`:${word}`)).toBe(false);
  }
});
test('a picture stays one, made as large as a paper needs', async () => {
  const large = await sharp({ create: { width: 4000, height: 500, channels: 4, background: '#80000080' } })
    .png()
    .toBuffer();
  const { png } = await cleanLogo(large);
  expect(await sharp(png).metadata()).toMatchObject({ format: 'png', width: 1200, height: 150 });
});
test.each<[string, () => Promise<Uint8Array> | Uint8Array, RegExp]>([
  [
    'a JPEG',
    () =>
      sharp({ create: { width: 9, height: 9, channels: 3, background: 'red' } })
        .jpeg()
        .toBuffer(),
    /neither PNG nor SVG/,
  ],
  ['a text', () => text('no picture'), /cannot be read/],
  ['nothing', () => new Uint8Array(), /cannot be read/],
  ['a torn drawing', () => text(SVG.slice(0, 60)), /cannot be read/],
  [
    'one far too large',
    () => text(SVG.replaceAll('200', '90000').replaceAll('80', '90000')),
    /megapixels|cannot be read/,
  ],
  ['entities that swell', () => text(SWELLING), /cannot be read/],
])('%s is refused in words', async (_, bytes, words) => expect((await cleanLogo(await bytes())).fault).toMatch(words));
