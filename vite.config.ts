import { reactRouter } from '@react-router/dev/vite';
import path from 'node:path';
import { defineConfig, type UserConfig } from 'vite';

/** What so many modules ask for comes in one file: a station would fetch dozens of small ones. */
const SHARED = 8;

/**
 * Packages that are read from where they are installed: compiled for the machine, with files or threads of their own,
 * or asking for others by names that only they know.
 */
const INSTALLED = ['sqlite3', 'sharp', 'pino', 'piscina', 'pdfkit', 'read-excel-file', 'sequelize', 'umzug'];

/** The server in a few files: with what it asks for it is a thousand, which each of its threads would read. */
const SERVER = {
  ssr: { noExternal: true, external: INSTALLED },
  resolve: {
    // For Node the package offers one file that asks for every sign there is.
    alias: [
      { find: /^@ant-design\/icons-svg$/, replacement: path.resolve('node_modules/@ant-design/icons-svg/es/index.js') },
    ],
  },
  define: { 'process.env.NODE_ENV': '"production"' },
} satisfies UserConfig;

/**
 * All looks in one file, in one order wherever a reader comes from: 17 kB compressed, less than the parts of it that a
 * station took. What comes later brings none.
 */
const ONE_SHEET = { cssCodeSplit: false };

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  ...(isSsrBuild && SERVER),
  build: isSsrBuild
    ? // The Express host and its threads are built together with the pages.
      {
        minify: true,
        ...ONE_SHEET,
        rollupOptions: {
          input: {
            index: './server/start.ts',
            page: './server/pages/thread.ts',
            worker: './server/work/worker.ts',
          },
        },
      }
    : {
        ...ONE_SHEET,
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
