// Runs a command of the command line: as it was built, or built now where a source has changed since.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { areCommandsBuilt, buildCommands, COMMANDS_FOLDER } from './lib/commands.mjs';

const [name] = process.argv.splice(2, 1);
if (!areCommandsBuilt()) await buildCommands();
await import(pathToFileURL(path.join(COMMANDS_FOLDER, `${name}.js`)).href);
