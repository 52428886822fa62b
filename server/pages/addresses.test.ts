import fc from 'fast-check';
import { matchRoutes, type RouteObject, type ServerBuild } from 'react-router';
import { pageAt } from './addresses';

const shown = { default: () => null };
const answers = { loader: () => null };

/** Routes as the framework builds them: an index has no path of its own, the root an empty one. */
const BUILD = {
  routes: {
    root: { id: 'root', path: '', module: { ...shown, ...answers } },
    bench: { id: 'bench', parentId: 'root', index: true, module: { ...shown, ...answers } },
    job: { id: 'job', parentId: 'root', path: 'jobs/:jobId', module: { ...shown, ...answers } },
    start: { id: 'start', parentId: 'job', index: true, module: answers },
    hub: { id: 'hub', parentId: 'job', path: 'hub', module: shown },
    log: { id: 'log', parentId: 'job', path: 'log', module: { ...shown, ...answers } },
    sheet: { id: 'sheet', parentId: 'root', path: 'jobs/:jobId/job-sheet.pdf', module: answers },
  },
} as unknown as ServerBuild;

it.each([
  ['/', {}, ['root', 'bench']],
  ['/jobs/a-1/hub', { jobId: 'a-1' }, ['root', 'job']],
  ['/JOBS/a-1/Log/', { jobId: 'a-1' }, ['root', 'job', 'log']],
  ['/jobs/a%20b/log', { jobId: 'a b' }, ['root', 'job', 'log']],
  ['/jobs/a%E0b/log', { jobId: 'a%E0b' }, ['root', 'job', 'log']],
])('%s is a page, with what is in its address and who has something to show on it', (place, params, routes) => {
  expect(pageAt(BUILD, place)).toEqual({ params, routes });
});

it.each(['/nothing', '/jobs', '/jobs/a/b/hub', '/jobs/a/job-sheetxpdf'])(
  'at %s lies nothing, and a page says so',
  (place) => {
    expect(pageAt(BUILD, place)).toEqual({ params: {}, routes: [] });
  },
);

it.each(['/_root.data', '/jobs/a-1/log.data', '/jobs/a-1/job-sheet.pdf', '/jobs/a-1', '/jobs/a-1/'])(
  '%s is no page: data of one, or a file, or a way to one',
  (place) => {
    expect(pageAt(BUILD, place)).toBeNull();
  },
);

/** The same routes as the framework matches them by itself. */
function childrenOf(parent: string | undefined): RouteObject[] {
  const routes = Object.values(BUILD.routes).flatMap((route) => (route && route.parentId === parent ? [route] : []));
  return routes.map(({ id, path, index }): RouteObject =>
    index ? { id, index } : { id, ...(path ? { path } : {}), children: childrenOf(id) },
  );
}
const ROUTES = childrenOf(undefined);

it('finds what the framework finds, at whatever address', () => {
  const part = fc.oneof(
    fc.constantFrom(
      'jobs',
      'JOBS',
      'hub',
      'log',
      '%68ub',
      'lo%67',
      'a',
      'a%2Fb',
      'a b',
      'job-sheet.pdf',
      '',
      '%E0',
      '.',
    ),
    fc.string({ maxLength: 3 }).filter((text) => !/[?#]/.test(text)),
  );
  const ofJob = fc.tuple(fc.constantFrom('jobs', '%6Aobs'), part, part).map((parts) => [...parts]);
  // Of what cannot be read in an address the framework warns.
  jest.spyOn(console, 'warn').mockImplementation(() => {});
  fc.assert(
    fc.property(fc.oneof(ofJob, fc.array(part, { maxLength: 5 })), (parts) => {
      const { pathname } = new URL(`http://scoval/${parts.join('/')}`);
      fc.pre(!pathname.endsWith('.data'));
      const matched = matchRoutes(ROUTES, pathname);
      const last = matched?.at(-1)?.route.id;
      const at = pageAt(BUILD, pathname);
      if (last === 'start' || last === 'sheet') expect(at).toBeNull();
      else
        expect(at).toEqual({
          params: matched?.at(-1)!.params ?? {},
          routes: (matched ?? []).flatMap(({ route }) => (BUILD.routes[route.id!]!.module.loader ? [route.id] : [])),
        });
    }),
    { numRuns: 2000 },
  );
});
