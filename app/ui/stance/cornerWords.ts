import type { SetupReport } from '#core/evaluate';
import type { CornerPlaces } from '#core/stance';
import { standsOn } from '#core/sweep';
import { capital } from '#core/text';
import { gapsOf } from './figureMarks';

/** A corner in a sentence, for who does not see the picture. */
export function cornerWords(report: SetupReport, corner: CornerPlaces, text: (mm: number) => string): string {
  const { axle, side, lip } = corner;
  const { pokeMm, archGapMm } = gapsOf(report, corner);
  const parts = report[axle].obstacles.filter((part) => standsOn({ side: part.side ?? undefined }, side));
  const touched = parts.filter(({ clearanceMm }) => clearanceMm !== null && clearanceMm < 0).map(({ label }) => label);
  return `${capital(`${axle} ${side}`)}: ${[
    pokeText(pokeMm, text),
    archGapMm === null ? 'fender clearance not measured' : `${text(archGapMm)} under the fender`,
    ...(lip ? [`fender ${text(lip[1])} over the ground`] : []),
    ...(touched.length > 0 ? [`touches ${touched.join(', ')}`] : []),
  ].join(', ')}.`;
}

function pokeText(pokeMm: number | null, text: (mm: number) => string): string {
  if (pokeMm === null) return 'poke not measured';
  if (text(Math.abs(pokeMm)) === text(0)) return 'the wheel is flush with the fender';
  return `the wheel stands ${text(Math.abs(pokeMm))} ${pokeMm > 0 ? 'past' : 'inside'} the fender`;
}
