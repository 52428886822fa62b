import type { FittedFigure } from '#core/fitting';
import type { Job } from '#core/job';
import type { Instrument } from '#core/uncertainty';
import { AXLES } from '#core/job';

type Listed = Exclude<FittedFigure, `obstacle:${string}`>;

interface FigureWords {
  name: string;
  /** What it is read with unless somebody says otherwise. */
  instrument: Instrument;
  range: readonly [number, number];
}

const FIGURES: Record<Listed, FigureWords> = {
  pokeMm: { name: 'Poke, minus is tuck', instrument: 'steel-rule', range: [-300, 300] },
  inboardGapMm: { name: 'Inner clearance', instrument: 'steel-rule', range: [-100, 500] },
  archGapMm: { name: 'Fender clearance', instrument: 'steel-rule', range: [-200, 600] },
  rideHeightMm: { name: 'Ride height', instrument: 'tape', range: [50, 2000] },
  brakeSpokeMm: { name: 'Spoke clearance', instrument: 'feeler', range: [-50, 300] },
  spareProudMm: { name: 'Spare over the floor', instrument: 'steel-rule', range: [-300, 300] },
  dualGapMm: { name: 'Gap between dual tires', instrument: 'steel-rule', range: [-100, 300] },
  trueSpeedAt100: { name: 'True speed at 100 km/h', instrument: 'label', range: [50, 200] },
};

const PART: Omit<FigureWords, 'name'> = { instrument: 'steel-rule', range: [-100, 500] };

/** The part of a figure, null when it is of none. */
const partOf = (figure: FittedFigure): string | null =>
  figure.startsWith('obstacle:') ? figure.slice('obstacle:'.length) : null;

/** What a figure is called, read with and held to. */
export function figureWords(figure: FittedFigure, { vehicle }: Pick<Job, 'vehicle'>): FigureWords {
  const part = partOf(figure);
  if (part === null) return FIGURES[figure as Listed];
  const named = AXLES.flatMap((axle) => vehicle[axle]?.obstacles ?? []).find(({ id }) => id === part);
  return { ...PART, name: named?.label || named?.kind || `part ${part}` };
}
