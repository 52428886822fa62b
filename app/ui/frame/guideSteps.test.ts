import { setupFromPresent, type Job, type Setup } from '#core/job';
import { GUIDE_STEPS, guideAt } from './guideSteps';

const empty: Job = { format: 'scoval.job', version: 1, vehicle: { label: 'First wagon' }, setups: [] };
const measured: Job = {
  ...empty,
  vehicle: {
    front: {
      baseline: {
        tire: { size: '205/55R16' },
        wheel: { rimDiameterIn: 16, rimWidthIn: 6.5, backspacingMm: 140, backspacingConvention: 'overall' },
      },
      room: { outboardGapMm: 14, inboardGapMm: 26, archGapMm: 70 },
    },
  },
};
const moving: Job = {
  ...measured,
  vehicle: { front: { ...measured.vehicle.front, suspension: { kind: 'strut' } } },
};
const briefed: Job = { ...moving, brief: { pokeMm: { front: { max: 0 } } } };
const first: Setup = setupFromPresent(briefed);
const built: Job = { ...briefed, setups: [first] };
const nudged: Job = {
  ...briefed,
  setups: [{ ...first, front: { ...first.front, wheel: { ...first.front!.wheel, backspacingMm: 139 } } }],
};

test.each([
  ['nothing yet', empty, 0],
  ['the room of one axle', measured, 1],
  ['how it is sprung', moving, 2],
  ['a target of one axle alone', briefed, 3],
  ['a setup as the car is', built, 4],
  ['a setup that differs, by its backspacing too', nudged, GUIDE_STEPS.length],
])('%s', (_, job, at) => expect(guideAt(job)).toBe(at));
