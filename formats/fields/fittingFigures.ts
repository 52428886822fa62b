import type { FittedFigure } from '#core/fitting';
import { AXLES, type Job } from '#core/job';
import { ASSUMED_LIP_ID } from '#core/sweep';

type Listed = Exclude<FittedFigure, `obstacle:${string}`>;

const NAMES: Record<Listed, string> = {
  pokeMm: 'poke',
  inboardGapMm: 'inner clearance',
  archGapMm: 'fender clearance',
  rideHeightMm: 'ride height',
  brakeSpokeMm: 'spoke clearance',
  spareProudMm: 'spare over the floor',
  dualGapMm: 'gap between dual tires',
  trueSpeedAt100: 'true speed at 100 km/h',
};

/** The part of a figure, null when it is of none. */
export const partOf = (figure: FittedFigure): string | null =>
  figure.startsWith('obstacle:') ? figure.slice('obstacle:'.length) : null;

/** What a figure that is read at a fitting is called; a part by its own name. */
export function figureName(figure: FittedFigure, { vehicle }: Pick<Job, 'vehicle'>): string {
  const part = partOf(figure);
  if (part === null) return NAMES[figure as Listed];
  if (part.startsWith(ASSUMED_LIP_ID)) return 'Fender lip (assumed)';
  const named = AXLES.flatMap((axle) => vehicle[axle]?.obstacles ?? []).find(({ id }) => id === part);
  return named?.label || named?.kind || `part ${part}`;
}
