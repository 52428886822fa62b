import { AXLES } from '#core/job';
import { capital } from '#core/text';
import { USUAL_RETORQUE } from '#core/fitting';
import { carRule, cornerRule, type CarCase } from '../case';

/** Tires that turn so much more or less are told by the speedometer, share. */
const SPEED_SHARE = 0.01;

export const pressure = carRule('pressure', 'Tires set to pressure', ({ setup, report, words }) =>
  AXLES.flatMap((axle) => {
    const { pressureKpa } = report[axle];
    const size = setup[axle]?.tire?.size;
    if (!size) return [];
    return [
      {
        of: axle,
        text:
          pressureKpa === null
            ? `Set the ${axle} tires, cold, to the maker’s pressure for ${size}.`
            : `Set the ${axle} tires, cold, to about ${words.measure('pressure', pressureKpa)}.`,
        because:
          pressureKpa === null
            ? `The pressure of the present tires is not known.`
            : `An estimate for ${size} at the load of the present tires; the tire maker’s table decides.`,
      },
    ];
  }),
);

export const sensors = carRule('sensors', 'Pressure sensors', ({ report }) =>
  (report.tpms?.steps ?? []).map((step, at) => ({
    of: String(at + 1),
    text: `${capital(step)}.`,
    because: 'The car watches the pressure of its tires.',
  })),
);

export const speed = carRule('speedometer', 'Speedometer checked', ({ report, words }) => {
  const { ratio } = report.speedometer;
  if (ratio === null || Math.abs(ratio - 1) < SPEED_SHARE) return [];
  const trueAt = report[report.speedometer.from === 'rear' ? 'rear' : 'front'].trueSpeedAt100;
  return [
    {
      text: 'Hold 100 km/h on the speedometer and read the true speed from a satellite receiver.',
      because:
        `The tires turn ${words.number(Math.abs(ratio - 1) * 100)} % ${ratio > 1 ? 'slower' : 'faster'}` +
        ' than those on the car now.',
      expects: { figure: 'trueSpeedAt100' as const, predictedMm: trueAt, plusMinusMm: null },
    },
  ];
});

export const balance = carRule('balance', 'Wheels balanced', ({ setup }) =>
  AXLES.some((axle) => setup[axle]?.tire ?? setup[axle]?.wheel)
    ? [
        {
          text: 'Have the wheels balanced, weights clear of the brake.',
          because: 'Other wheels or tires; weights on the barrel take room from the caliper.',
        },
      ]
    : [],
);

const isMoved = ({ setup }: CarCase): boolean => AXLES.some((axle) => (setup.suspensionChange?.[axle]?.mm ?? 0) !== 0);

export const alignment = carRule('alignment', 'Alignment set', (one) =>
  isMoved(one)
    ? [{ text: 'Have the alignment set at the new ride height.', because: 'The suspension stands at another height.' }]
    : [],
);

export const lamps = carRule('headlamps', 'Headlamps and driver aids set', (one) => {
  const rake = one.report.rakeChangeMm;
  if (rake === null || Math.abs(rake) < 0.5) return [];
  return [
    {
      text: 'Set the headlamps, and what cameras or radar the maker wants set after a change of height.',
      because: `The nose stands ${one.words.length(Math.abs(rake))} ${rake > 0 ? 'higher' : 'lower'} against the tail.`,
    },
  ];
});

export const spare = carRule('spare', 'Spare and its hold-down', ({ report, words }) => {
  const carried = report.spare;
  if (carried === null || carried.choice === 'none') return [];
  const { proudMm, longerMm } = carried;
  return [
    {
      text:
        'Put the spare into its well and under its hold-down.' +
        (longerMm !== null && longerMm > 0 ? ` The hold-down must be ${words.length(longerMm)} longer.` : ''),
      because:
        proudMm === null
          ? 'Whether it goes in was not measured.'
          : proudMm > 0
            ? `It is predicted to stick out ${words.length(proudMm)} over the floor.`
            : 'It is predicted to lie below the floor.',
      expects: { figure: 'spareProudMm' as const, predictedMm: proudMm, plusMinusMm: null },
    },
  ];
});

export const retorque = cornerRule('retorque', 'Retorque agreed', ({ pieces, job, words }) => {
  const { retorqueDays = null, retorqueKm = null } = job.house?.fitUp ?? {};
  const days = retorqueDays ?? USUAL_RETORQUE.days;
  const when = `After ${words.measure('distance', retorqueKm ?? USUAL_RETORQUE.km)} or ${days} days, what comes first`;
  const isCovered = pieces.some(({ kind }) => kind === 'bolt-on');
  return [
    {
      text: isCovered
        ? `${when}: wheel off, the adapter’s nuts, wheel on, the wheel’s nuts.`
        : `${when}: torque again, car on its wheels.`,
      because: isCovered
        ? 'The adapter has nuts of its own behind the wheel.'
        : 'Faces settle under the first load; a fastener that moves is found now.',
    },
  ];
});
