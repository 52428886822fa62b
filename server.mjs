// Starts the built application, from whatever folder: its own files lie beside this one, data where SCOVAL_DATA says.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const root = path.dirname(fileURLToPath(import.meta.url));
for (const name of ['SCOVAL_DATA', 'SCOVAL_TLS_CERT', 'SCOVAL_TLS_KEY'])
  if (process.env[name]) process.env[name] = path.resolve(process.env[name]);
process.chdir(root);
if (!existsSync('build/server/index.js')) {
  console.error('Scoval is not built yet: run "npm run build", or "npm run demo", which does everything.');
  process.exit(1);
}
process.env.NODE_ENV ??= 'production';
process.once('exit', (code) => {
  // Node's code for a start that waits for what never comes.
  if (code === 13)
    console.error('Scoval does not start: something it waits for never came (SCOVAL_LOG=debug tells more)');
});
const { start } = await import('./build/server/index.js');
await start();
