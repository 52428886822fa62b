import { AXLES, type AxleName, type SetupAxle } from '#core/job';
import { stackThicknessMm } from '#core/stack';
import { offsetFigure, rimFigure } from '#core/units';
import { DEFAULT_FLANGE_MM, wheelOffsetMm } from '#core/wheel';
import { carRule, cornerRule, type CarCase } from '../case';

/** What goes on an axle, in a line: wheel, tire, stack. */
function partsOf({ wheel, tire, stack = [] }: SetupAxle, { job, words }: CarCase): string {
  const rim = [wheel?.rimDiameterIn, wheel?.rimWidthIn].map((inches) => (inches == null ? '—' : rimFigure(inches)));
  const offset = wheelOffsetMm(wheel ?? {}, job.vehicle.flangeMm ?? DEFAULT_FLANGE_MM);
  const thick = stackThicknessMm(stack);
  const pieces = stack.filter(({ kind }) => kind !== 'ring').map(({ kind }) => kind);
  const rings = stack.filter(({ kind }) => kind === 'ring').length;
  return [
    `wheel ${rim.join(' × ')}${offset === null ? '' : ` ${offsetFigure(offset)}`}`,
    tire?.size ?? null,
    pieces.length === 0
      ? 'no stack'
      : `${pieces.join(' + ')}, ${thick === null ? 'thickness not known' : words.length(thick)}`,
    rings === 0 ? null : `${rings} hub ${rings === 1 ? 'ring' : 'rings'}`,
  ]
    .filter(Boolean)
    .join(', ');
}

const longest = (one: CarCase, axle: AxleName): number | null =>
  one.setup[axle]?.fastener?.lengthMm ?? one.job.vehicle[axle]?.hub?.fastener?.lengthMm ?? null;

/** Papers and parts: what goes where, before anything is lifted. */
export const lay = carRule('parts-laid-out', 'Parts laid out', (one) =>
  AXLES.flatMap((axle) => {
    const candidate = one.setup[axle];
    return candidate
      ? [
          {
            of: axle,
            text: `Lay out the ${axle} parts, both sides: ${partsOf(candidate, one)}.`,
            because: 'Each part goes on one axle only.',
          },
        ]
      : [];
  }),
);

export const apart = carRule('fasteners-apart', 'Front and rear fasteners kept apart', (one) => {
  const [front, rear] = AXLES.map((axle) => longest(one, axle)) as [number | null, number | null];
  if (front === null || rear === null || front === rear) return [];
  const { words } = one;
  return [
    {
      text: 'Keep front and rear nuts or bolts apart, and mark them.',
      because:
        `Front ${words.length(front)}, rear ${words.length(rear)}: a bolt too long meets what is behind the hub,` +
        ' one too short does not hold.',
    },
  ];
});

export const labels = carRule('pack-labels', 'Spacers and adapters measured', (one) =>
  AXLES.some((axle) => one.setup[axle]?.stack?.some(({ kind }) => kind !== 'ring'))
    ? [
        {
          text: 'Measure each spacer or adapter with a caliper before it goes on.',
          because: 'A pack label may name the thickness of the pair.',
        },
      ]
    : [],
);

export const safe = carRule('car-safe', 'Car made safe', () => [
  {
    text: 'Level ground. Chock the wheels that stay down. Jack at the maker’s point, then stands under it.',
    because: 'Nobody works at a car that stands on a jack alone.',
  },
  {
    of: 'loosen',
    text: 'Find the key of the locking nut. Loosen every nut or bolt half a turn while the car stands on its wheels.',
    because: 'Off the ground the wheel turns with the wrench, and the car moves on its stands.',
  },
]);

export const bare = cornerRule('hub-clean', 'Hub face and rotor hat cleaned', ({ pieces }) => [
  {
    text: 'Wheel off. Wire-brush the hub face and the rotor hat to bare metal.',
    because:
      pieces.length > 0
        ? 'The stack seats on it: rust under it tilts the wheel, and torque goes as it settles.'
        : 'The wheel seats on it: rust under it tilts the wheel, and torque goes as it settles.',
  },
]);

export const clips = cornerRule('rotor-clips-off', 'Clips and rotor screws off', ({ pieces }) =>
  pieces.length > 0
    ? [
        {
          text: 'Take off spring clips, and rotor screws that stand over the hat.',
          because: 'They hold the spacer off the rotor.',
        },
      ]
    : [],
);
