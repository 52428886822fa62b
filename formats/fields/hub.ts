import { LIP_FORMS } from '#core/centering';
import { FASTENER_KINDS, NUT_FORMS, readThread, SEATS, type Fastener } from '#core/fastener';
import type { Hub } from '#core/hub';
import { choice, figure, group, list, reading, written, type FieldsOf } from './field';

/** What holds the wheels of a hub. */
const FASTENER = {
  kind: choice('kind', FASTENER_KINDS),
  thread: written('thread', readThread, { most: 20, mayBeEmpty: true }),
  lengthMm: reading('stud or bolt length', 'fastenerLengthMm', {
    help: {
      title: 'Stud or bolt length',
      picture: 'stud',
      where: 'Stud: from the hub face, rotor on, to the end of the thread. Bolt: below its seat.',
      tool: 'Steel rule.',
      mistake: 'Measuring with the rotor off: its hat takes 6 to 10 mm.',
    },
  }),
  seat: choice('seat', SEATS),
  torqueNm: figure('torque', 'torqueNm'),
  threadDepthMm: reading('thread depth', 'threadDepthMm'),
  nut: choice('form of the nuts', NUT_FORMS),
  nutDepthMm: reading('thread depth of the nuts', 'threadDepthMm'),
} as const satisfies FieldsOf<Fastener>;

/** A hub as it is read. */
export const HUB = {
  lugCount: figure('lug count', 'lugCount', {
    whole: true,
    help: {
      title: 'Lug count',
      picture: 'pattern',
      where: 'Studs or bolt holes on the hub.',
      tool: 'Count them.',
      mistake: 'Counting the drum screw.',
    },
  }),
  boltCircleMm: reading('bolt circle', 'boltCircleMm', {
    help: {
      title: 'Bolt circle',
      picture: 'pattern',
      where:
        'The circle through the centers of all studs. With an even count: between opposite studs, center to center.',
      tool: 'Caliper or steel rule. A tape sags and hides a millimeter, which is all that parts some patterns.',
      mistake: 'Taking the widest pair of five for the circle: it is 5 % short.',
    },
  }),
  patternReadings: list('stud readings'),
  boreMm: reading('center bore', 'boreMm', {
    help: {
      title: 'Center bore of the hub',
      picture: 'bore',
      where: 'Outside diameter of the lip that carries the wheel.',
      tool: 'Caliper, in two directions. Clean off rust first.',
      mistake: 'Measuring the dust cap instead of the lip.',
    },
  }),
  lipHeightMm: reading('hub lip', 'lipHeightMm', {
    help: {
      title: 'Hub lip',
      picture: 'lip',
      where: 'How far the lip stands out of the hub face, up to where it begins to taper.',
      tool: 'Depth end of a caliper.',
      mistake: 'Counting the taper: it does not center anything.',
    },
  }),
  lipForm: choice('form of the lip', LIP_FORMS),
  flangeDiameterMm: reading('flange diameter', 'flangeDiameterMm'),
  studHoleMm: reading('stud hole', 'studHoleMm'),
  fastener: group('fasteners', FASTENER),
} as const satisfies FieldsOf<Hub>;
