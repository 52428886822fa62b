import type { ServerBuild } from 'react-router';
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
