import { defineConfig } from 'vite';

/** Serves the page of parts on this machine alone, drawn again at every save. */
export default defineConfig({ root: import.meta.dirname, server: { host: '127.0.0.1', port: 4320, open: false } });
