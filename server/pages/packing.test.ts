import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { packed } from './packing';

const UNPACK = { br: brotliDecompressSync, gzip: gunzipSync };

it.each(['br', 'gzip'] as const)('packs a page by %s, and says so', (packing) => {
  const page = Buffer.from('A wheel, a tire and 3.5 mm of room. '.repeat(100));
  const [body, headers] = packed(page, packing);
  expect(headers).toEqual([['Content-Encoding', packing]]);
  expect(body.length).toBeLessThan(page.length / 10);
  expect(UNPACK[packing](body).equals(page)).toBe(true);
});

it('leaves alone what is small, and what nobody there could unpack', () => {
  const [small, large] = [Buffer.alloc(1023, 'a'), Buffer.alloc(4096, 'a')];
  expect(packed(small, 'br')).toEqual([small, []]);
  expect(packed(large, null)).toEqual([large, []]);
});
