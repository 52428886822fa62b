import { readFileSync } from 'node:fs';

const { dependencies, devDependencies } = JSON.parse(readFileSync(new URL('../package.json', import.meta.url), 'utf8'));

/** All packages that the product and its tests ask for, by name: a test is built without them. */
export const packages = Object.keys({ ...dependencies, ...devDependencies });
