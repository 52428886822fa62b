import { archGapFigures } from './archGap';
import type { FigureCase } from './case';
import { diameterFigures } from './diameter';
import { innerGapFigures } from './innerGap';
import { lateralFigures } from './lateral';
import { pokeFigures } from './poke';
import { steeringFigures } from './steering';

/** Figures that need the present car: where the candidate stands in its room, and what changes against now. */
export function positionFigures(one: FigureCase): void {
  lateralFigures(one);
  pokeFigures(one);
  innerGapFigures(one);
  diameterFigures(one);
  archGapFigures(one);
  steeringFigures(one);
}
