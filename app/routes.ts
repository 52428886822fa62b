import { index, route, type RouteConfig } from '@react-router/dev/routes';

export default [
  index('routes/bench.tsx'),
  route('jobs/:jobId', 'routes/job.tsx', [
    index('routes/job-start.ts'),
    route('hub', 'routes/hub.tsx'),
    route('room', 'routes/room.tsx'),
    route('brakes', 'routes/brakes.tsx'),
    route('brief', 'routes/brief.tsx'),
    route('window', 'routes/window.tsx'),
    route('setups', 'routes/setups.tsx'),
    route('compare', 'routes/compare.tsx'),
    route('sweep', 'routes/sweep.tsx'),
    route('fit-up', 'routes/fit-up.tsx'),
  ]),
  route('shelf', 'routes/shelf.tsx'),
  route('defaults', 'routes/defaults.tsx'),
  route('enter', 'routes/enter.tsx'),
  route('backups/:name', 'routes/backup-file.ts'),
  route('archive', 'routes/archive.ts'),
  route('standings.json', 'routes/standings.ts'),
  route('shelf.json', 'routes/shelf-items.ts'),
  route('shelf.csv', 'routes/shelf-file.ts'),
  route('gauge-card.pdf', 'routes/gauge-card.ts'),
  route('jobs/:jobId/file', 'routes/job-file.ts'),
  route('jobs/:jobId/template.pdf', 'routes/template.ts'),
  route('jobs/:jobId/outline', 'routes/outline-file.ts'),
] satisfies RouteConfig;
