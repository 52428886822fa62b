import { USUAL_RETORQUE } from '#core/fitting';
import { AXLES, type Job } from '#core/job';
import type { PlainCase } from './plainCase';
import type { PlainWords } from './plainWords';

/** What must be said beside every option: short, and deferring to the local code and licensed work. */
export function cautionsOf(job: Job, told: readonly PlainCase[], words: PlainWords): string[] {
  const { retorqueKm, retorqueDays } = job.house?.fitUp ?? {};
  const works = told.flatMap(({ remedies }) => AXLES.flatMap((axle) => remedies[axle] ?? []));
  return [
    'These figures come of readings on your car; the test fit decides.',
    'How far a tire may stand out, spacers, raised or lowered cars and changed bodywork are regulated differently in' +
      ' every place: check your local code before you drive.',
    ...(works.some(({ structural }) => structural)
      ? ['A structural cut is done by a qualified body shop only, and may need approval.']
      : []),
    `Wheel fasteners are tightened again after ${words.distance(retorqueKm ?? USUAL_RETORQUE.km)} or` +
      ` ${retorqueDays ?? USUAL_RETORQUE.days} days, whichever comes first.`,
  ];
}
