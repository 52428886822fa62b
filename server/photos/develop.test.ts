import { crc32 } from 'node:zlib';
import fc from 'fast-check';
import sharp from 'sharp';
import { isBareJpeg, MAX_PHOTO_BYTES, photoFault } from '#formats/photos';
import { developPhoto, KEPT_PX, SMALL_PX } from './develop';

type Rgb = readonly [number, number, number];
const [RED, GREEN, BLUE, WHITE] = [
  [220, 30, 30],
  [30, 200, 30],
  [30, 30, 220],
  [240, 240, 240],
] as const satisfies Rgb[];

/** A picture of four fields, 64 × 32: red green over blue white. */
const UPRIGHT = { width: 64, height: 32, at: (x: number, y: number): Rgb => field(x < 32, y < 16) };
const field = (left: boolean, top: boolean): Rgb => (top ? (left ? RED : GREEN) : left ? BLUE : WHITE);

type Picture = Pick<typeof UPRIGHT, 'width' | 'height'> & { at(x: number, y: number): Rgb };

const jpegOf = ({ width, height, at }: Picture) => {
  const raw = Buffer.alloc(width * height * 3);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) raw.set(at(x, y), 3 * (y * width + x));
  return sharp(raw, { raw: { width, height, channels: 3 } });
};

/**
 * How a camera lays an upright picture down for each value of EXIF's Orientation: where row 0 and column 0 of what is
 * stored lie in the scene (JEITA CP-3451, tag 0112; from memory). `x` and `y` are places of the upright picture.
 */
const { width: W, height: H } = UPRIGHT;
const STORED: Record<number, { turned: boolean; from(x: number, y: number): [number, number] }> = {
  // Row 0 top, column 0 left.
  1: { turned: false, from: (x, y) => [x, y] },
  // Row 0 top, column 0 right.
  2: { turned: false, from: (x, y) => [W - 1 - x, y] },
  // Row 0 bottom, column 0 right.
  3: { turned: false, from: (x, y) => [W - 1 - x, H - 1 - y] },
  // Row 0 bottom, column 0 left.
  4: { turned: false, from: (x, y) => [x, H - 1 - y] },
  // Row 0 left, column 0 top.
  5: { turned: true, from: (x, y) => [y, x] },
  // Row 0 right, column 0 top.
  6: { turned: true, from: (x, y) => [W - 1 - y, x] },
  // Row 0 right, column 0 bottom.
  7: { turned: true, from: (x, y) => [W - 1 - y, H - 1 - x] },
  // Row 0 left, column 0 bottom.
  8: { turned: true, from: (x, y) => [y, H - 1 - x] },
};

const developed = async (bytes: Uint8Array) => {
  const found = await developPhoto(bytes);
  expect(found.fault).toBeUndefined();
  return found.developed!;
};
const faultOf = async (bytes: Uint8Array) => (await developPhoto(bytes)).fault;

/** The color in the middle of each of the four fields. */
async function fieldsOf(jpeg: Uint8Array): Promise<Rgb[]> {
  const { data, info } = await sharp(jpeg).raw().toBuffer({ resolveWithObject: true });
  return [
    [0.25, 0.25],
    [0.75, 0.25],
    [0.25, 0.75],
    [0.75, 0.75],
  ].map(([x, y]) => {
    const at = info.channels * (Math.floor(y! * info.height) * info.width + Math.floor(x! * info.width));
    return [data[at]!, data[at + 1]!, data[at + 2]!] as const;
  });
}

describe('a photo is turned upright', () => {
  test.each(Object.entries(STORED))(
    'from EXIF orientation %s, by its pixels',
    async (orientation, { turned, from }) => {
      const stored: Picture = {
        width: turned ? H : W,
        height: turned ? W : H,
        at: (x, y) => UPRIGHT.at(...from(x, y)),
      };
      const bytes = await jpegOf(stored)
        .withMetadata({ orientation: Number(orientation) })
        .jpeg({ quality: 95 })
        .toBuffer();
      const { kept, small, photo } = await developed(bytes);
      expect([photo.widthPx, photo.heightPx]).toEqual([W, H]);
      for (const picture of [kept, small])
        for (const [at, color] of (await fieldsOf(picture)).entries())
          [RED, GREEN, BLUE, WHITE][at]!.forEach((part, channel) =>
            expect(Math.abs(color[channel]! - part)).toBeLessThan(25),
          );
    },
  );
});

describe('nothing but the picture is kept', () => {
  const noise = (width: number, height: number) =>
    sharp(Buffer.from(Array.from({ length: width * height * 3 }, (_, at) => (at * 7919) % 251)), {
      raw: { width, height, channels: 3 },
    });
  test('no place, no camera, no comment; what is kept once stays to the last byte', async () => {
    const gps = { IFD0: { Make: 'Maker', Copyright: 'Somebody' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } };
    const bytes = await noise(80, 60).withExif(gps).jpeg().toBuffer();
    expect((await sharp(bytes).metadata()).exif).toBeDefined();
    expect(isBareJpeg(bytes)).toBe(false);
    const { kept, small, photo } = await developed(bytes);
    for (const one of [kept, small]) {
      const { exif, icc, xmp, iptc, orientation } = await sharp(one).metadata();
      expect([exif, icc, xmp, iptc, orientation]).toEqual([undefined, undefined, undefined, undefined, undefined]);
      expect(Buffer.from(one).includes('Somebody')).toBe(false);
      expect(isBareJpeg(one)).toBe(true);
    }
    const again = await developed(kept);
    expect(again.photo).toEqual(photo);
    expect(Buffer.from(again.kept).equals(kept)).toBe(true);
  });
  test('what hangs behind the end of a picture, or stands in a comment, is left out', async () => {
    const { kept } = await developed(await noise(40, 40).jpeg().toBuffer());
    const tail = Buffer.concat([kept, Buffer.from('secret')]);
    const comment = Buffer.concat([
      kept.subarray(0, 2),
      Buffer.from([0xff, 0xfe, 0, 8]),
      Buffer.from('secret'),
      kept.subarray(2),
    ]);
    for (const bytes of [tail, comment]) {
      expect(isBareJpeg(bytes)).toBe(false);
      expect(Buffer.from((await developed(bytes)).kept).includes('secret')).toBe(false);
    }
  });
  test('large ones are made smaller, small ones stay, in their own shape', async () => {
    const { photo } = await developed(await noise(3000, 1500).png().toBuffer());
    expect([photo.widthPx, photo.heightPx]).toEqual([KEPT_PX, KEPT_PX / 2]);
    const { kept, small } = await developed(await noise(200, 700).jpeg().toBuffer());
    expect(await sharp(kept).metadata()).toMatchObject({ format: 'jpeg', width: 200, height: 700 });
    expect((await sharp(small).metadata()).height).toBe(SMALL_PX);
  });
  test('what can be seen through becomes white', async () => {
    const clear = {
      create: { width: 20, height: 20, channels: 4, background: { r: 0, g: 0, b: 0, alpha: 0 } },
    } as const;
    const { kept } = await developed(await sharp(clear).png().toBuffer());
    expect((await fieldsOf(kept)).every((color) => color.every((part) => part > 250))).toBe(true);
  });
});

describe('what is no photo is refused in words', () => {
  const jpeg = sharp({ create: { width: 300, height: 300, channels: 3, background: 'gray' } }).jpeg();
  test.each([
    ['nothing', Buffer.alloc(0), 'is empty'],
    ['a text', Buffer.from('hello'), 'is neither JPEG nor PNG'],
    ['a GIF', Buffer.from('GIF89a......'), 'is neither JPEG nor PNG'],
    [
      'an SVG, whatever it is called',
      Buffer.from('<?xml version="1.0"?>\n<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
      'is an SVG drawing, whatever it is called: JPEG or PNG',
    ],
    [
      'a HEIC',
      Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic')]),
      'is HEIC, which is not read: have the phone save photos as JPEG, or save this one as JPEG',
    ],
    ['one of 60 MB', Buffer.alloc(60 * 1024 * 1024, 0xff), 'has 60 MB; a photo may have 20 MB'],
  ])('%s', async (_, bytes, words) => expect(await faultOf(bytes)).toBe(words));
  test('one that is cut short, or torn in the middle', async () => {
    const bytes = await jpeg.toBuffer();
    expect(await faultOf(bytes.subarray(0, bytes.length / 2))).toBe('is broken: it cannot be read to its end');
    expect(await faultOf(Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]))).toBe(
      'is broken: it cannot be read to its end',
    );
  });
  test('a PNG of a gigapixel in a few bytes', async () => {
    // Its head alone says how large it would be.
    const head = await sharp({ create: { width: 8, height: 8, channels: 3, background: 'gray' } })
      .png()
      .toBuffer();
    head.writeUInt32BE(40_000, 16);
    head.writeUInt32BE(40_000, 20);
    head.writeUInt32BE(crc32(head.subarray(12, 29)), 29);
    expect(await faultOf(head)).toBe('has more than 100 megapixels');
  });
  test('whatever comes, words are what comes of it', async () => {
    const bytes = await jpeg.toBuffer();
    await fc.assert(
      fc.asyncProperty(fc.nat(bytes.length - 1), fc.nat(255), async (at, value) => {
        const torn = Buffer.from(bytes);
        torn[at] = value;
        const { developed, fault } = await developPhoto(torn);
        expect(developed === undefined).toBe(fault !== undefined);
      }),
      { numRuns: 60 },
    );
  });
  test('the size is told before the rest is read', () =>
    expect(photoFault(new Uint8Array([0xff, 0xd8, 0xff]), MAX_PHOTO_BYTES + 1)).toBe(
      'has 21 MB; a photo may have 20 MB',
    ));
});
