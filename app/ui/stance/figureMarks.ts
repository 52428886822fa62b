import type { SetupReport } from '#core/evaluate';
import type { CornerPlaces, ScenePlace } from '#core/stance';

/** A figure on the picture, at the line between two places of the scene that it is the length of. */
export interface Mark {
  key: string;
  from: ScenePlace;
  to: ScenePlace;
  /** Empty for a line that only leads to another. */
  text: string;
  /** The same of what is looked at beside. */
  beside?: string | undefined;
  /** It is written however short its line is seen. */
  always?: boolean | undefined;
  /** Which way the side of the car faces that it belongs to: seen from behind it, it is left out. */
  out: 1 | -1;
}

type CornerName = Pick<CornerPlaces, 'axle' | 'side'>;

interface MarksAsk {
  report: SetupReport;
  corners: readonly CornerPlaces[];
  /** The corner whose other lengths are written too; null for none. */
  all: CornerName | null;
  /** What is looked at beside, and what both are called. */
  beside: { report: SetupReport; name: string } | null;
  name: string;
  text(mm: number): string;
}

/** How far a wheel stands past its fender, in words. */
export function pokeWords(pokeMm: number, text: (mm: number) => string): string {
  if (text(Math.abs(pokeMm)) === text(0)) return 'flush';
  return `${text(Math.abs(pokeMm))} ${pokeMm > 0 ? 'poke' : 'tuck'}`;
}

/** The gaps of a corner: the left side's own where it was read for itself. */
export const gapsOf = (report: SetupReport, { axle, side }: CornerName) =>
  (side === 'left' ? report[axle].left : null) ?? report[axle];

/** How far behind a hub the height of its fender is drawn, mm: clear of the tire. */
const HEIGHT_BEHIND_MM = 470;

/**
 * The figures of the corners on the picture: poke at each, from the lip's outer face to the wheel's outermost place; at
 * the corner in hand the fender clearance and the fender's height over the ground too.
 */
export function marksOf({ report, corners, all, beside, name, text }: MarksAsk): Mark[] {
  return corners.flatMap((corner): Mark[] => {
    const { axle, side, lip, outermost, crown } = corner;
    const { pokeMm, archGapMm } = gapsOf(report, corner);
    const besideMm = beside && gapsOf(beside.report, corner).pokeMm;
    const mark = (what: string, [from, to]: readonly [ScenePlace, ScenePlace], words: string): Mark => ({
      key: `${axle}-${side}-${what}`,
      from,
      to,
      text: words,
      out: side === 'right' ? 1 : -1,
    });
    if (!lip) return [];
    const [x, y, z] = lip;
    const marks: Mark[] = [];
    if (outermost && pokeMm !== null)
      marks.push({
        ...mark('poke', [lip, [x, y, outermost[2]]], `${beside ? `${name} ` : ''}${pokeWords(pokeMm, text)}`),
        always: true,
        ...(beside && besideMm != null ? { beside: `${beside.name} ${pokeWords(besideMm, text)}` } : {}),
      });
    if (all?.axle !== axle || all.side !== side) return marks;
    if (crown && archGapMm !== null) marks.push(mark('gap', [crown, [crown[0], y, crown[2]]], text(archGapMm)));
    const [foot, top]: [ScenePlace, ScenePlace] = [
      [x - HEIGHT_BEHIND_MM, 0, z],
      [x - HEIGHT_BEHIND_MM, y, z],
    ];
    marks.push(mark('height', [foot, top], text(y)), mark('level', [top, lip], ''));
    return marks;
  });
}
