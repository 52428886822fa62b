import { reactRouter } from '@react-router/dev/vite';
import path from 'node:path';
import { defineConfig, type UserConfig } from 'vite';

/** What so many modules ask for comes in one file: a station would fetch dozens of small ones. */
const SHARED = 8;

/**
 * The server's pages in a few files: Ant Design and what it draws in are thousands of small ones, and take longer to
 * read than everything else of a start together.
 */
const PAGES = {
  ssr: { noExternal: [/^antd/, /^@ant-design/, /^@rc-component/, /^@babel\/runtime/, /^@emotion/, /^d3/, 'stylis'] },
  resolve: {
    // For Node the package offers one file that asks for every icon there is.
    alias: [{ find: /^@ant-design\/icons$/, replacement: path.resolve('node_modules/@ant-design/icons/es/index.js') }],
  },
  define: { 'process.env.NODE_ENV': '"production"' },
} satisfies UserConfig;

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  ...(isSsrBuild && PAGES),
  build: isSsrBuild
    ? // The Express host, and the threads that make pages, are built together with the pages.
      {
        minify: true,
        rollupOptions: {
          input: { index: './server/start.ts', page: './server/pages/thread.ts' },
        },
      }
    : {
        rolldownOptions: {
          output: {
            advancedChunks: {
              groups: [
                // Looks of the shared parts: a file for each would be many of a few lines.
                { name: 'parts', test: /app\/ui\/(parts|ledger|frame)\/.*\.css$/ },
                { name: 'library', test: /node_modules/, minShareCount: SHARED },
                { name: 'common', minShareCount: SHARED },
              ],
            },
          },
        },
      },
}));
