import { MAX_FILE_BYTES } from '#formats/job';
import { readJson, readLimited } from './requests';

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
  const bytes = text('Velder Two coupé, 8 mm');
  const cut = bytes.indexOf(0xc3) + 1;
  expect(await readLimited(streamed([bytes.slice(0, cut), bytes.slice(cut)]).request)).toBe('Velder Two coupé, 8 mm');
  expect(await readLimited(new Request('http://localhost/', { method: 'POST' }))).toBe('');
});
test('one that is too large is not kept, and an endless one is not read to its end', async () => {
  const megabyte = new Uint8Array(1024 * 1024).fill(32);
  expect(await readLimited(streamed(Array.from({ length: 7 }, () => megabyte)).request)).toBeNull();
  function* endless() {
    for (;;) yield megabyte;
  }
  const { request, taken } = streamed(endless());
  expect(await readLimited(request)).toBeNull();
  expect(taken()).toBeLessThan(25 * MAX_FILE_BYTES);
});
test.each([
  ['{"a":1}', { a: 1 }],
  ['{"a":', undefined],
  ['', undefined],
])('data of a body: %s', async (body, expected) => {
  expect(await readJson(new Request('http://localhost/', { method: 'POST', body }))).toEqual(expected);
});
