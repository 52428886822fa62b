// Builds the application: route types, the palette, the faces, then client and server, the server's worker,
// the commands, and compressed copies of what is served.
import { buildCommands } from './lib/commands.mjs';
import { run } from './lib/run.mjs';

await run('npx', ['react-router', 'typegen']);
await run('npx', ['tsx', 'scripts/palette.ts']);
await run('node', ['scripts/faces.mjs']);
await run('npx', ['react-router', 'build'], { NODE_ENV: 'production' });
await buildCommands();
await run('node', ['scripts/compress.mjs']);
