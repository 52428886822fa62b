import {
  cornerRange,
  cornerSection,
  fitCandidate,
  wheelSection,
  type CornerSection,
  type SectionRange,
  type WheelSection,
} from '#core/evaluate';
import { AXLES, type AxleName } from '#core/job';
import { archRiseMm } from '#core/position';
import { faceWords } from './faceWords';
import type { PlainCase } from './plainCase';

/** A corner of an option to draw: what may go on, before what is on the car. */
export interface OptionCorner {
  axle: AxleName;
  corner: CornerSection;
  subject: WheelSection;
  /** How much higher the body stands, mm. */
  riseMm: number;
  range: SectionRange;
  /** How far it stands from the fender, in words; null while that is not known. */
  face: string | null;
}

/** The corners of a setup that can be drawn, axle by axle. */
export function optionCorners({ job, setup, report, words }: PlainCase): OptionCorner[] {
  return AXLES.flatMap((axle) => {
    if (!setup[axle]) return [];
    const corner = cornerSection(job.vehicle, axle);
    const subject = wheelSection(fitCandidate(job.vehicle, axle, setup[axle]));
    if (!subject.section) return [];
    const riseMm = archRiseMm(setup.suspensionChange?.[axle] ?? null);
    const { pokeMm } = report[axle];
    const range = cornerRange(corner, subject, Math.max(0, riseMm));
    return [{ axle, corner, subject, riseMm, range, face: pokeMm === null ? null : faceWords(pokeMm, words) }];
  });
}
