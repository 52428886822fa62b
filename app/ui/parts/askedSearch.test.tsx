/** @jest-environment jest-fixed-jsdom */
import { act, render, screen } from '@testing-library/react';
import { useEffect } from 'react';
import { createMemoryRouter, useSearchParams } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { useAddress } from './useAddress';
import { useAskedSearch } from './useAskedSearch';

/** What the server was asked for, each answered when it is told to. */
let answers: (() => void)[] = [];
const answer = () => answers.pop()!();

let ask: ReturnType<typeof useAddress>;
function List() {
  const asking = useAddress();
  useEffect(() => {
    ask = asking;
  }, [asking]);
  const [params] = useSearchParams();
  return <output>{params.toString()}</output>;
}

/** All that was ever shown of what is typed. */
let drawn: string[] = [];
let type: (search: string) => void;
function Typed() {
  const { search, ask } = useAskedSearch();
  useEffect(() => {
    type = (text) => void ask(`?${text}`, { replace: true });
  }, [ask]);
  drawn.push(search);
  return <output>{search}</output>;
}

async function list(at: string, element = <List />) {
  const loader = ({ request }: { request: Request }) =>
    new URL(request.url).search === at ? null : new Promise((resolve) => answers.push(() => resolve(null)));
  const router = createMemoryRouter([{ path: '/', loader, element, HydrateFallback: () => null }], {
    initialEntries: [`/${at}`],
  });
  await act(async () => render(<RouterProvider router={router} />));
  /** The router is there; what is drawn is not, before the test lets it. */
  const there = (search: string) =>
    new Promise<void>((resolve) => {
      const stop = router.subscribe(({ location }) => {
        if (location.search !== search) return;
        stop();
        resolve();
      });
    });
  return { router, there };
}

beforeEach(() => {
  answers = [];
  drawn = [];
});

it('makes each question on the last, also where an overtaken one arrives meanwhile', async () => {
  const { router, there } = await list('?kind=torque&corner=rl');
  await act(async () => {
    ask({ kind: null });
    await Promise.resolve();
    answer();
    await there('?corner=rl');
    ask({ corner: null });
  });
  expect(screen.getByRole('status').textContent).toBe('corner=rl');
  await act(async () => ask({ words: 'checked' }));
  await act(async () => answer());
  expect(router.state.location.search).toBe('?words=checked');
  await act(async () => {
    ask({ words: 'checked 1' });
    await Promise.resolve();
    answer();
  });
  expect(screen.getByRole('status').textContent).toBe('words=checked+1');
});

it('is made on what is there after a step back, however late', async () => {
  const { router } = await list('?a=1');
  await act(async () => {
    ask({ b: '2' });
    await Promise.resolve();
    answer();
  });
  expect(router.state.location.search).toBe('?a=1&b=2');
  await act(async () => ask({ c: '3' }));
  await act(async () => router.navigate(-1));
  await act(async () => {
    ask({ d: '4' });
    await Promise.resolve();
    answer();
  });
  expect(router.state.location.search).toBe('?a=1&d=4');
});

it('shows what was asked for last, not what arrives of it meanwhile', async () => {
  const { there } = await list('', <Typed />);
  await act(async () => type('c'));
  await act(async () => {
    answer();
    await there('?c');
    type('ch');
  });
  await act(async () => answer());
  expect(screen.getByRole('status').textContent).toBe('?ch');
  expect([...new Set(drawn)]).toEqual(['', '?c', '?ch']);
  expect(drawn.lastIndexOf('?c')).toBeLessThan(drawn.indexOf('?ch'));
});
