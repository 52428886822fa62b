import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';

/** What so many modules ask for comes in one file: a station would fetch dozens of small ones. */
const SHARED = 8;

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  build: isSsrBuild
    ? // The Express host is built together with the pages it serves.
      { rollupOptions: { input: './server/start.ts' } }
    : {
        rolldownOptions: {
          output: {
            advancedChunks: {
              groups: [
                { name: 'library', test: /node_modules/, minShareCount: SHARED },
                { name: 'common', minShareCount: SHARED },
              ],
            },
          },
        },
      },
}));
