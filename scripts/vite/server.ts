import path from 'node:path';
import type { UserConfig } from 'vite';

/**
 * Packages that are read from where they are installed: compiled for the machine, with files or threads of their own,
 * or asking for others by names that only they know.
 */
export const INSTALLED = ['sqlite3', 'sharp', 'pino', 'piscina', 'pdfkit', 'read-excel-file', 'sequelize', 'umzug'];

/** What is built for Node, in a few files: with what it asks for it is a thousand, which each thread would read. */
export const SERVER = {
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
export const ONE_SHEET = { cssCodeSplit: false };
