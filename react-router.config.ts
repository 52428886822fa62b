import type { Config } from '@react-router/dev/config';

export default {
  appDirectory: 'app',
  buildDirectory: 'build',
  ssr: true,
  // All pages are known from the start: else the first steps of a page wait for the server to tell where they lead, and
  // fail where it cannot be reached.
  routeDiscovery: { mode: 'initial' },
  // Two files begin there: the server, and the threads that make pages.
  serverBuildFile: '[name].js',
} satisfies Config;
