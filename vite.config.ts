import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';
import { ONE_SHEET, SERVER } from './scripts/vite/server.ts';

/** What so many modules ask for comes in one file: a station would fetch dozens of small ones. */
const SHARED = 8;

/** What was built, by its name: the threads that make pages are built after it and say it to the browser. */
const LISTED = { manifest: true };

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  ...(isSsrBuild && SERVER),
  build: isSsrBuild
    ? // The Express host and its worker are built together with what answers.
      {
        minify: true,
        ...ONE_SHEET,
        ...LISTED,
        rollupOptions: { input: { index: './server/start.ts', worker: './server/work/worker.ts' } },
      }
    : {
        ...ONE_SHEET,
        ...LISTED,
        rolldownOptions: {
          output: {
            advancedChunks: {
              groups: [
                // In the order in which they are asked for, the page's own first: the first says which layers hold.
                { name: 'looks', test: /\.css$/ },
                { name: 'library', test: /node_modules/, minShareCount: SHARED },
                { name: 'common', minShareCount: SHARED },
                // Twenty files at most come for a station: what a few ask for does not come in a file each.
                { name: 'several', test: /^(?!.*node_modules)/, minShareCount: 3 },
              ],
            },
          },
        },
      },
}));
