// Makes app/theme/palette.css: the colors of both tables, for those who chose one and for those who leave it to their
// system, and of a system that chooses all colors itself; and the order in which sheets hold.
import { writeFileSync } from 'node:fs';
import { cssProperties, DARK, FORCED, LIGHT } from '../app/theme/palette';

const css = [
  '@layer controls, scoval, print;',
  `:root{color-scheme:light;${cssProperties(LIGHT)}}`,
  `:root[data-theme=dark]{color-scheme:dark;${cssProperties(DARK)}}`,
  `@media (prefers-color-scheme:dark){:root[data-theme=system]{color-scheme:dark;${cssProperties(DARK)}}}`,
  `@media (forced-colors:active){:root:root{${cssProperties(FORCED)}}}`,
].join('\n');
writeFileSync(new URL('../app/theme/palette.css', import.meta.url), css);
