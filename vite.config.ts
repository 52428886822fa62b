import { reactRouter } from '@react-router/dev/vite';
import { defineConfig } from 'vite';

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  // The Express host is built together with the pages it serves.
  ...(isSsrBuild ? { build: { rollupOptions: { input: './server/app.ts' } } } : {}),
}));
