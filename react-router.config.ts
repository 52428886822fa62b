import type { Config } from '@react-router/dev/config';

export default {
  appDirectory: 'app',
  buildDirectory: 'build',
  ssr: true,
  // Two files begin there: the server, and the threads that make pages.
  serverBuildFile: '[name].js',
} satisfies Config;
