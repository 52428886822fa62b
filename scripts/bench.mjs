// Builds the benchmarks as the application is built, so that they measure what ships, and runs them.
import { build } from 'vite';
import { run } from './lib/run.mjs';

const outDir = 'build/bench';
await build({
  configFile: false,
  logLevel: 'warn',
  build: {
    ssr: true,
    outDir,
    minify: false,
    target: 'node20',
    rolldownOptions: { input: { run: 'bench/run.ts', findWorker: 'cli/findWorker.ts' } },
  },
});
await run('node', [`${outDir}/run.js`, ...process.argv.slice(2)]);
