import type { FittedFigure } from '#core/fitting';
import type { Job } from '#core/job';
import type { Instrument } from '#core/uncertainty';
import { capital } from '#core/text';
import { figureName, partOf } from '#formats/fields';

type Listed = Exclude<FittedFigure, `obstacle:${string}`>;

interface HowRead {
  /** What it is read with unless somebody says otherwise. */
  instrument: Instrument;
  range: readonly [number, number];
}

const FIGURES: Record<Listed, HowRead> = {
  pokeMm: { instrument: 'steel-rule', range: [-300, 300] },
  inboardGapMm: { instrument: 'steel-rule', range: [-100, 500] },
  archGapMm: { instrument: 'steel-rule', range: [-200, 600] },
  rideHeightMm: { instrument: 'tape', range: [50, 2000] },
  brakeSpokeMm: { instrument: 'feeler', range: [-50, 300] },
  spareProudMm: { instrument: 'steel-rule', range: [-300, 300] },
  dualGapMm: { instrument: 'steel-rule', range: [-100, 300] },
  trueSpeedAt100: { instrument: 'label', range: [50, 200] },
};

const PART: HowRead = { instrument: 'steel-rule', range: [-100, 500] };

/** What a figure is called, read with and held to. */
export const figureWords = (figure: FittedFigure, job: Pick<Job, 'vehicle'>): HowRead & { name: string } => ({
  name: capital(figureName(figure, job)),
  ...(partOf(figure) === null ? FIGURES[figure as Listed] : PART),
});
