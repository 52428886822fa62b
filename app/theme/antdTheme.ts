import { theme, type ThemeConfig } from 'antd';
import { DARK, LIGHT } from './palette';

export type ThemeName = 'light' | 'dark';

/** Ant Design's parts in the look of the table: flat, hairlines, 2 px corners. Its styles are made at build time. */
export function antdTheme(name: ThemeName): ThemeConfig {
  const palette = name === 'light' ? LIGHT : DARK;
  return {
    zeroRuntime: true,
    hashed: false,
    cssVar: { key: `scoval-${name}` },
    algorithm: name === 'light' ? theme.defaultAlgorithm : theme.darkAlgorithm,
    token: {
      colorPrimary: palette.layout,
      colorInfo: palette.layout,
      colorLink: palette.layout,
      colorSuccess: palette.ok,
      colorWarning: palette.caution,
      colorError: palette.fail,
      colorText: palette.ink,
      colorTextSecondary: palette.inkSoft,
      colorTextTertiary: palette.inkSoft,
      colorTextPlaceholder: palette.inkSoft,
      colorTextDescription: palette.inkSoft,
      colorBgBase: palette.sheet,
      colorBgContainer: palette.sheet,
      colorBgElevated: palette.sheet,
      colorBgLayout: palette.paper,
      colorBorder: palette.rule,
      colorBorderSecondary: palette.ruleFaint,
      colorTextLightSolid: name === 'light' ? '#ffffff' : palette.paper,
      fontFamily: "'IBM Plex Sans', sans-serif",
      fontSize: 14,
      borderRadius: 2,
      borderRadiusLG: 2,
      borderRadiusSM: 2,
      borderRadiusXS: 2,
      controlHeight: 32,
      wireframe: false,
      // Calm and quick: nothing slides or zooms, and a click never meets a button on its way.
      motion: false,
    },
    components: {
      Button: { primaryShadow: 'none', defaultShadow: 'none', dangerShadow: 'none' },
      Segmented: {
        trackBg: palette.ruleFaint,
        itemSelectedBg: palette.layout,
        itemSelectedColor: name === 'light' ? '#ffffff' : palette.paper,
        itemColor: palette.inkSoft,
      },
      Tooltip: { colorBgSpotlight: palette.ink, colorTextLightSolid: palette.sheet },
    },
  };
}
