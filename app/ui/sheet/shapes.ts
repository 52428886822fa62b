import { line } from 'd3';
import {
  discLine,
  metalOf,
  rimFlanges,
  rimOutline,
  tireOutline,
  type DiscPlace,
  type Inside,
  type Section,
  type SectionPoint,
} from '#core/section';
import type { SheetScale } from './scale';

interface Placed {
  points: readonly SectionPoint[];
  scale: SheetScale;
  centerOut: number;
  closed?: boolean | undefined;
}

const path = ({ points, scale, centerOut, closed = true }: Placed): string => {
  const draw = line<SectionPoint>(
    ({ a }) => round(scale.x(centerOut + a)),
    ({ r }) => round(scale.y(r)),
  );
  return (draw(points) ?? '') + (closed ? 'Z' : '');
};

const round = (px: number): number => Math.round(px * 100) / 100;

/** The tire above its rim, closed along the bead seats. */
export const tirePath = (section: Section, scale: SheetScale, centerOut: number): string =>
  path({ points: tireOutline(section), scale, centerOut });

interface RimDrawn {
  section: Section;
  rimWidthIn: number;
  scale: SheetScale;
  centerOut: number;
}

/** The rim: flanges and bead seats where they are, the drop center for orientation. */
export const rimPath = ({ section, rimWidthIn, scale, centerOut }: RimDrawn): string =>
  path({ points: rimOutline(section, rimWidthIn), scale, centerOut });

/** The two flanges alone, for a wheel whose own barrel is drawn. */
export const flangesPath = ({ section, rimWidthIn, scale, centerOut }: RimDrawn): string =>
  rimFlanges(section, rimWidthIn)
    .map((points) => path({ points, scale, centerOut }))
    .join('');

/** The wheel's own inside as somebody measured it; from the rim centerline. */
export const facePath = (inside: Inside, scale: SheetScale, centerOut: number): string =>
  path({ points: metalOf(inside.barrel, inside.spoke) ?? [], scale, centerOut });

/** A brake's outline on its hub. */
export const brakePath = (outline: readonly SectionPoint[], scale: SheetScale): string =>
  path({ points: outline, scale, centerOut: 0 });

/** The disc between pad and rim. */
export const discPath = ({ scale, ...place }: DiscPlace & { scale: SheetScale }): string =>
  path({ points: discLine(place), scale, centerOut: 0, closed: false });
