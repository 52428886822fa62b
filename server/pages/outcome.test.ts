import { data, redirect } from 'react-router';
import { outcomeOf, replay } from './outcome';

/** What comes of a loader on the other side of a thread. */
const across = async (load: () => unknown): Promise<unknown> => replay(structuredClone(await outcomeOf(load)));

/** What is thrown on the other side. */
const thrownAcross = async (load: () => unknown): Promise<unknown> => {
  try {
    await across(load);
  } catch (thrown) {
    return thrown;
  }
  throw new Error('nothing was thrown');
};

test('a value comes across as it is', async () => {
  const job = { setups: [{ id: 'a' }], readAt: new Date(0), none: null };
  expect(await across(() => job)).toEqual(job);
  expect(await across(() => undefined)).toBeUndefined();
});

test('a value with a status keeps both', async () => {
  const dressed = data({ why: 'held' }, { status: 503, headers: { 'Retry-After': '3' } });
  const init = { status: 503, headers: [['retry-after', '3']] };
  expect(await across(() => dressed)).toMatchObject({ data: { why: 'held' }, init });
  expect(await thrownAcross(() => Promise.reject(dressed as unknown as Error))).toMatchObject({
    data: { why: 'held' },
    init,
  });
});

test('a response keeps status, headers and body, given or thrown', async () => {
  const given = (await across(() => Response.json([1], { status: 201 }))) as Response;
  expect([given.status, await given.json()]).toEqual([201, [1]]);
  const thrown = (await thrownAcross(() => Promise.reject(redirect('/enter') as unknown as Error))) as Response;
  expect([thrown.status, thrown.headers.get('Location'), thrown.body]).toEqual([302, '/enter', null]);
  const refused = (await thrownAcross(() =>
    Promise.reject(new Response('no such margin', { status: 400 }) as unknown as Error),
  )) as Response;
  expect([refused.status, await refused.text()]).toEqual([400, 'no such margin']);
  const cookies = new Response(null, { status: 204 });
  cookies.headers.append('Set-Cookie', 'a=1');
  cookies.headers.append('Set-Cookie', 'b=2');
  const empty = (await across(() => cookies)) as Response;
  expect([empty.status, empty.headers.getSetCookie()]).toEqual([204, ['a=1', 'b=2']]);
});

test('what is thrown is thrown, with its name and words', async () => {
  const thrown = await thrownAcross(() => {
    throw Object.assign(new RangeError('out of it'), { parent: () => 'cannot be handed over' });
  });
  expect(thrown).toMatchObject({ name: 'RangeError', message: 'out of it' });
});
