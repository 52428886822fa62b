// Builds the application: route types, the Ant Design styles, then client and server, then compressed copies of what is
// served.
import { run } from './lib/run.mjs';

await run('npx', ['react-router', 'typegen']);
await run('npx', ['tsx', 'scripts/styles.tsx']);
await run('npx', ['react-router', 'build'], { NODE_ENV: 'production' });
await run('node', ['scripts/compress.mjs']);
