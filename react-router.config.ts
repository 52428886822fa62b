import type { Config } from '@react-router/dev/config';

export default {
  appDirectory: 'app',
  buildDirectory: 'build',
  ssr: true,
  serverBuildFile: 'index.js',
} satisfies Config;
