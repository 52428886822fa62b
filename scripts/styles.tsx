// Makes app/theme/antd.css: the palette and the styles of the Ant Design parts in use, for both themes.
import { writeFileSync } from 'node:fs';
import { extractStyle } from '@ant-design/static-style-extract';
import * as antd from 'antd';
import { ConfigProvider } from 'antd';
import { parse, type Root } from 'postcss';
import { antdTheme } from '../app/theme/antdTheme';
import { cssProperties, DARK, FORCED, LIGHT } from '../app/theme/palette';

const PARTS = [
  'Alert',
  'App',
  'Button',
  'Checkbox',
  'Dropdown',
  'Empty',
  'Form',
  'Input',
  'Menu',
  'Modal',
  'Popover',
  'Progress',
  'Radio',
  'Segmented',
  'Select',
  'Slider',
  'Tooltip',
];

const styles = extractStyle({
  antdInstance: antd,
  includes: PARTS,
  customTheme: (parts: React.ReactElement) => (
    <>
      {(['light', 'dark'] as const).map((name) => (
        <ConfigProvider key={name} theme={{ ...antdTheme(name), zeroRuntime: false }}>
          {parts}
        </ConfigProvider>
      ))}
    </>
  ),
} as never);

/** Sizes follow the letters a reader has chosen; hairlines stay hairlines. */
const inLetters = (rules: string): string =>
  rules.replace(/(?<![\w.-])(\d*\.?\d+)px/g, (whole, px) =>
    Number(px) <= 2 || Number(px) > 2000 ? whole : `${Math.round((Number(px) / 16) * 1e4) / 1e4}rem`,
  );

/**
 * Takes the values of a theme's tokens out of a sheet. The library writes them into the page once more, in pixels and
 * outside every layer: ours have to stand above that.
 */
function takeTokens(sheet: Root): string {
  const found: string[] = [];
  sheet.walkRules(/^\.scoval-(light|dark)/, (rule) => {
    const values = rule.nodes.filter((node) => node.type === 'decl' && node.prop.startsWith('--'));
    if (values.length === 0) return;
    found.push(`html ${rule.selector}{${values.map(String).join(';')}}`);
    values.forEach((value) => value.remove());
    if (rule.nodes.length === 0) rule.remove();
  });
  return found.join('\n');
}

const sheet = parse(inLetters(styles));
const tokens = takeTokens(sheet);
const css = [
  '@layer antd, scoval;',
  `:root{color-scheme:light;${cssProperties(LIGHT)}}`,
  `:root[data-theme=dark]{color-scheme:dark;${cssProperties(DARK)}}`,
  `@media (prefers-color-scheme:dark){:root[data-theme=system]{color-scheme:dark;${cssProperties(DARK)}}}`,
  `@media (forced-colors:active){:root:root{${cssProperties(FORCED)}}}`,
  `@layer antd{${sheet.toString()}}`,
  tokens,
].join('\n');
writeFileSync(new URL('../app/theme/antd.css', import.meta.url), css);
console.log(`app/theme/antd.css: ${Math.round(css.length / 1024)} kB`);
