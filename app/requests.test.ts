import { MAX_FILE_BYTES } from '#formats/job';
import { readForm, readJson } from './requests';

/** A request whose body comes in pieces; counts how much of it was taken. */
function streamed(pieces: Iterable<Uint8Array>): { request: Request; taken(): number } {
  let taken = 0;
  const iterator = pieces[Symbol.iterator]();
  const body = new ReadableStream<Uint8Array>({
    pull(controller) {
      const { value, done } = iterator.next();
      if (done) return controller.close();
      taken += value.length;
      controller.enqueue(value);
    },
  });
  const init = { method: 'POST', body, duplex: 'half' } as RequestInit;
  return { request: new Request('http://localhost/', init), taken: () => taken };
}
const text = (value: string) => new TextEncoder().encode(value);

test('a body is read whole, also where a letter is cut between two pieces', async () => {
  const bytes = text('{"car":"Velder Two coupé, 8 mm"}');
  const cut = bytes.indexOf(0xc3) + 1;
  expect(await readJson(streamed([bytes.slice(0, cut), bytes.slice(cut)]).request)).toEqual({
    car: 'Velder Two coupé, 8 mm',
  });
});
test('one that is too large is not kept, and an endless one is not read to its end', async () => {
  const megabyte = new Uint8Array(1024 * 1024).fill(32);
  expect(await readForm(streamed(Array.from({ length: 14 }, () => megabyte)).request)).toBeNull();
  expect(await readJson(streamed(Array.from({ length: 2 }, () => megabyte)).request)).toBeUndefined();
  function* endless() {
    for (;;) yield megabyte;
  }
  const { request, taken } = streamed(endless());
  expect(await readForm(request)).toBeNull();
  expect(taken()).toBeLessThan(12 * MAX_FILE_BYTES);
});
test.each([
  ['{"a":1}', { a: 1 }],
  ['{"a":', undefined],
  ['', undefined],
  ['['.repeat(100_000), undefined],
  [`{"a":${'['.repeat(60)}${']'.repeat(60)}}`, undefined],
  [JSON.stringify(Object.fromEntries(Array.from({ length: 50_000 }, (_, n) => [`k${n}`, n]))), undefined],
])('data of a body: %#', async (body, expected) => {
  expect(await readJson(new Request('http://localhost/', { method: 'POST', body }))).toEqual(expected);
});
