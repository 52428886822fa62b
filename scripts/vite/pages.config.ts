import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';
import { ONE_SHEET, SERVER } from './server.ts';
import { withoutAnswers } from './withoutAnswers.ts';

/** The threads that make pages, built once the application is: they say which of its scripts a page asks for. */
export default defineConfig({
  plugins: [
    withoutAnswers(),
    reactRouter(),
    // The framework builds all servers to one place.
    { name: 'beside-the-server', enforce: 'post', config: () => ({ build: { outDir: 'build/pages' } }) },
  ],
  ...SERVER,
  build: { minify: true, ...ONE_SHEET, rollupOptions: { input: { page: './server/pages/thread.ts' } } },
});
