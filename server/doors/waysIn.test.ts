import { takeCode } from './joining';
import { waysIn } from './waysIn';

const context = (host: string) => ({ secure: false, port: 4180, host });
const from = (origin: string) =>
  new Request(`${origin}/defaults`, { method: 'POST', headers: { Origin: origin }, body: '{}' });

test('where the desk came in itself comes first; every address carries the one code, and leads to the place', () => {
  const { ways } = waysIn(from('http://192.168.7.20:4180'), context('192.168.7.30'), '/jobs/abc/measure')!;
  expect(ways.map(({ host }) => host)).toEqual(['192.168.7.20:4180', '192.168.7.30:4180']);
  const codes = ways.map(({ address }) => new URL(address).searchParams.get('code')!);
  expect(new Set(codes).size).toBe(1);
  expect(ways.map(({ address }) => new URL(address).searchParams.get('to'))).toEqual([
    '/jobs/abc/measure',
    '/jobs/abc/measure',
  ]);
  expect([takeCode(codes[0]!), takeCode(codes[0]!)]).toEqual([true, false]);
});

test('behind another server its name alone is reached, by what the desk used', () => {
  const { ways } = waysIn(from('https://fit.shop.lan'), context('127.0.0.1'), null)!;
  expect(ways.map(({ address }) => new URL(address).origin)).toEqual(['https://fit.shop.lan']);
});

test.each(['http://127.0.0.1:4180', 'http://localhost:4180', 'http://[::1]:4180'])(
  'no phone reaches a desk by %s: without another address there is no way in',
  (origin) => expect(waysIn(from(origin), context('127.0.0.1'), null)).toBeNull(),
);

// ISO/IEC 18004: a symbol has 17 + 4 × version modules a side, and four around it are quiet.
test('the code has its quiet zone', () => {
  const [way] = waysIn(from('http://192.168.7.20:4180'), context('192.168.7.20'), null)!.ways;
  expect((way!.size - 8 - 17) % 4).toBe(0);
  expect(way!.path.startsWith('M4 4h1v1h-1z')).toBe(true);
});
