import { DoubleSide, MeshLambertMaterial, MeshPhongMaterial, type Material } from 'three';
import { STANCE_KINDS, type StanceKind } from '#core/stance';
import { DARK, LIGHT, type Palette } from '../../../theme/palette';
import type { ThemeName } from '../../../theme/palette';
import type { BodyLook } from '../sights';

/** Colors of what is no color of the table: rubber, metal, clay. */
interface Stuff {
  rubber: string;
  groove: string;
  letter: string;
  metal: string;
  dull: string;
  clay: string;
  liner: string;
  ground: string;
  sky: string;
  earth: string;
}

const STUFF: Record<ThemeName, Stuff> = {
  light: {
    rubber: '#33363a',
    groove: '#1f2124',
    letter: '#6d7277',
    metal: '#c3c7ca',
    dull: '#8e9296',
    clay: '#d9d3c4',
    liner: '#4a4b4c',
    ground: '#e4e0d3',
    sky: '#ffffff',
    earth: '#b3ab98',
  },
  dark: {
    rubber: '#4a5056',
    groove: '#2a2e32',
    letter: '#9aa1a7',
    metal: '#c0c6ca',
    dull: '#8a9095',
    clay: '#96938a',
    liner: '#34373a',
    ground: '#262c30',
    sky: '#eef3f6',
    earth: '#6a665d',
  },
};

/** The colors of a table, for a picture. */
export const colorsOf = (theme: ThemeName): Palette & Stuff => ({
  ...(theme === 'light' ? LIGHT : DARK),
  ...STUFF[theme],
});

/** What everything is made of. */
export type Looks = Record<StanceKind, Material>;

/** How everything looks on a table; a ghost is seen through, in one color. */
export function looksOf(theme: ThemeName, body: BodyLook, ghost: boolean): Looks {
  const colors = colorsOf(theme);
  if (ghost) return ghostLooks(colors.present);
  const plain = (color: string, sided = {}) => new MeshLambertMaterial({ color, fog: false, ...sided });
  const shiny = (color: string) => new MeshPhongMaterial({ color, fog: false, specular: '#9a9a9a', shininess: 28 });
  const both = { side: DoubleSide };
  const clear = body === 'clear' ? { transparent: true, opacity: 0.28, depthWrite: false } : {};
  return {
    tire: plain(colors.rubber),
    tread: plain(colors.groove, both),
    letters: plain(colors.letter, both),
    rim: shiny(colors.metal),
    spokes: shiny(colors.metal),
    stack: plain(colors.caution),
    hub: plain(colors.dull),
    rotor: shiny(colors.dull),
    caliper: plain(colors.bodyEdge),
    lip: plain(colors.layout),
    part: plain(colors.ink),
    contact: plain(colors.fail, both),
    panel: plain(colors.clay, { ...both, ...clear }),
    liner: plain(colors.liner, { ...both, ...clear }),
  };
}

function ghostLooks(color: string): Looks {
  const seen = new MeshLambertMaterial({ color, fog: false, transparent: true, opacity: 0.45, depthWrite: false });
  return Object.fromEntries(STANCE_KINDS.map((kind) => [kind, seen])) as unknown as Looks;
}
