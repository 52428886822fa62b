import path from 'node:path';
import { root } from './run.mjs';

/** Builds the threads that make pages, once client and server are built. */
export async function buildPages() {
  const { build } = await import('vite');
  process.env.NODE_ENV = 'production';
  await build({
    root,
    configFile: path.join(root, 'scripts/vite/pages.config.ts'),
    logLevel: 'error',
    build: { ssr: true },
  });
}
