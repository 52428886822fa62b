// Makes app/theme/faces.css and its faces: of each only the characters that the product itself writes, without hints
// for coarse screens. What people type beyond them, names above all, comes from the whole face, fetched then alone.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import subsetFont from 'subset-font';
import { root } from './lib/run.mjs';

const FACES = [
  { family: 'IBM Plex Sans', name: 'ibm-plex-sans', weights: [400, 500, 600] },
  { family: 'IBM Plex Sans Condensed', name: 'ibm-plex-sans-condensed', weights: [400, 500] },
  { family: 'IBM Plex Mono', name: 'ibm-plex-mono', weights: [400, 500] },
];
const folder = path.join(root, 'app/theme/faces');

/** What is typed on any keyboard. */
const PLAIN = Array.from({ length: 0x7f - 0x20 }, (_, n) => String.fromCharCode(0x20 + n));

/** Spaces, that sources name by their number. */
const SPACES = ['\u00a0', '\u2007', '\u2009'];

/** The characters beyond those that stand in a folder's sources. */
const written = (place) =>
  readdirSync(place, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(place, entry.name);
    if (entry.isDirectory()) return written(at);
    if (!/\.tsx?$/.test(entry.name) || entry.name.includes('.test.')) return [];
    return [...readFileSync(at, 'utf8')].filter((character) => character > '\x7e');
  });

const characters = [
  ...new Set([...PLAIN, ...SPACES, ...['app', 'core', 'formats'].flatMap((room) => written(path.join(root, room)))]),
].sort();
const range = characters.map((character) => `U+${character.codePointAt(0).toString(16)}`).join(', ');

/** The characters of a whole face, as its package names them: none else makes a browser fetch it. */
const rangeOf = (name) =>
  JSON.parse(readFileSync(path.join(root, `node_modules/@fontsource/${name}/unicode.json`), 'utf8')).latin;

const rule = ({ family, weight, file, only }) =>
  `@font-face {
  font-family: '${family}';
  font-style: normal;
  font-weight: ${weight};
  font-display: swap;
  src: url('${file}') format('woff2');
  unicode-range: ${only};
}
`;

rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
let css = '';
for (const { family, name, weights } of FACES)
  for (const weight of weights) {
    const whole = `@fontsource/${name}/files/${name}-latin-${weight}-normal.woff2`;
    const bytes = readFileSync(path.join(root, 'node_modules', whole));
    const small = await subsetFont(bytes, characters.join(''), { targetFormat: 'woff2', noHinting: true });
    const file = `${name}-${weight}.woff2`;
    writeFileSync(path.join(folder, file), small);
    // Of two faces that both have a character the later one is taken.
    css += rule({ family, weight, file: `../../node_modules/${whole}`, only: rangeOf(name) });
    css += rule({ family, weight, file: `./faces/${file}`, only: range });
  }
writeFileSync(path.join(root, 'app/theme/faces.css'), css);
