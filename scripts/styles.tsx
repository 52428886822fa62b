// Makes app/theme/antd.css: the palette and the styles of the Ant Design parts in use, for both themes.
import { writeFileSync } from 'node:fs';
import { extractStyle } from '@ant-design/static-style-extract';
import * as antd from 'antd';
import { ConfigProvider } from 'antd';
import { antdTheme } from '../app/theme/antdTheme';
import { cssProperties, DARK, LIGHT } from '../app/theme/palette';

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
  'Pagination',
  'Popover',
  'Progress',
  'Radio',
  'Segmented',
  'Select',
  'Slider',
  'Spin',
  'Table',
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

const css = [
  '@layer antd, scoval;',
  `:root{color-scheme:light;${cssProperties(LIGHT)}}`,
  `:root[data-theme=dark]{color-scheme:dark;${cssProperties(DARK)}}`,
  `@layer antd{${styles}}`,
].join('\n');
writeFileSync(new URL('../app/theme/antd.css', import.meta.url), css);
console.log(`app/theme/antd.css: ${Math.round(css.length / 1024)} kB`);
