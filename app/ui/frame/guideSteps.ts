import { AXLES, wheelCode, type Job } from '#core/job';
import { hasPokeTarget, missingReadings } from '#core/standing';
import type { SightChange } from '../../job/sight';

interface GuideStep {
  /** What to do, and where. */
  text: string;
  station: string;
  sight?: SightChange;
  done(job: Job): boolean;
}

/** The way from an empty job to a first verdict, one thing after the other. */
export const GUIDE_STEPS: readonly GuideStep[] = [
  {
    text: 'Measure the room of one axle: tire size, rim, offset, tuck, inner clearance, fender clearance.',
    station: 'room',
    sight: { view: null },
    done: (job) => AXLES.some((axle) => missingReadings(job, 'room', axle).length === 0),
  },
  {
    text: 'Enter the kind of suspension, so that the wheel can steer and travel past what is near.',
    station: 'room',
    sight: { view: 'parts' },
    done: ({ vehicle }) => AXLES.some((axle) => vehicle[axle]?.suspension?.kind !== undefined),
  },
  {
    text: 'Set the poke target: how far in and how far out the customer wants the wheel.',
    station: 'brief',
    done: hasPokeTarget,
  },
  {
    text: 'Build a setup. It starts as what is on the car.',
    station: 'setups',
    done: ({ setups }) => setups.length > 0,
  },
  {
    text: 'Change its offset with [ and ], and watch the verdict. W shows all working.',
    station: 'setups',
    done: ({ setups, vehicle }) =>
      setups.some((setup) =>
        AXLES.some(
          (axle) =>
            setup[axle] !== undefined &&
            wheelCode(setup[axle], vehicle.flangeMm) !== wheelCode(vehicle[axle]?.baseline, vehicle.flangeMm),
        ),
      ),
  },
];

/** The first step that is not done; past the last one where all are. */
export function guideAt(job: Job): number {
  const at = GUIDE_STEPS.findIndex(({ done }) => !done(job));
  return at === -1 ? GUIDE_STEPS.length : at;
}
