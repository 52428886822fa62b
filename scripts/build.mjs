// Builds the application: route types, the palette, the faces, then client and server; the threads that make pages,
// the commands, and compressed copies of what is served.
import { rmSync } from 'node:fs';
import path from 'node:path';
import { buildCommands } from './lib/commands.mjs';
import { buildPages } from './lib/pages.mjs';
import { root, run } from './lib/run.mjs';

await run('npx', ['react-router', 'typegen']);
await run('npx', ['tsx', 'scripts/palette.ts']);
await run('node', ['scripts/faces.mjs']);
await run('npx', ['react-router', 'build'], { NODE_ENV: 'production' });
await buildPages();
for (const side of ['client', 'server', 'pages'])
  rmSync(path.join(root, 'build', side, '.vite'), { recursive: true, force: true });
await buildCommands();
await run('node', ['scripts/compress.mjs']);
