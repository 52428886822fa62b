import { FACE_ORIGINS, SPOKE_FAMILIES, type InnerFace } from '#core/brake';
import { BORE_FORMS } from '#core/centering';
import { SEATS } from '#core/fastener';
import type { Wheel } from '#core/job';
import { SENSOR_SEATS } from '#core/sensor';
import { BACKSPACING_CONVENTIONS, WHEEL_STYLES } from '#core/wheel';
import { choice, figure, group, list, reading, type FieldsOf } from './field';
import { PRICED } from './priced';

/** The inside of a wheel, as a brake sees it. */
const INNER_FACE = {
  barrel: list('barrel'),
  spoke: list('back of the spokes'),
  weights: list('balance weights'),
  origin: choice('origin', FACE_ORIGINS),
  family: choice('shape of the spokes', SPOKE_FAMILIES),
  readOn: group('the wheel it was read on', {
    rimWidthIn: figure('rim width', 'rimWidthIn', { needed: true }),
    offsetMm: figure('offset', 'offsetMm', { needed: true }),
  }),
} as const satisfies FieldsOf<InnerFace>;

/** A wheel. */
export const WHEEL = {
  rimDiameterIn: figure('rim diameter', 'rimDiameterIn', {
    help: {
      title: 'Present rim diameter',
      picture: 'tireSize',
      where: 'The last figure of the tire size, or the stamp on the wheel.',
      tool: 'Read the size; do not measure over the flanges.',
      mistake: 'Measuring the outside: the flanges add about 1.4 in.',
    },
  }),
  rimWidthIn: figure('rim width', 'rimWidthIn', {
    help: {
      title: 'Present rim width',
      picture: 'rimWidth',
      where:
        'Stamped behind the spokes or at the back of the rim. Measured: between the bead seats, inside the flanges.',
      tool: 'Read the stamp, else a caliper with long jaws.',
      mistake: 'Measuring over the flanges: that is the overall width, about 1 in more.',
    },
  }),
  offsetMm: reading('offset', 'offsetMm', {
    help: {
      title: 'Present offset or backspacing',
      picture: 'backspacing',
      where:
        'Offset is stamped as ET. Backspacing: wheel face down, straightedge across the back flange, rule down' +
        ' to the pad.',
      tool: 'Straightedge and steel rule.',
      mistake:
        'Mixing the two conventions: a rule to the flange reads overall; sums on paper are nominal, half an inch less.',
    },
  }),
  backspacingMm: reading('backspacing', 'backspacingMm'),
  backspacingConvention: choice('backspacing convention', BACKSPACING_CONVENTIONS),
  lugCount: figure('lug count', 'lugCount', { whole: true }),
  boltCircleMm: figure('bolt circle', 'boltCircleMm'),
  boreMm: figure('center bore', 'boreMm'),
  boreDepthMm: figure('straight depth of the bore', 'boreDepthMm'),
  boreForm: choice('edge of the bore', BORE_FORMS),
  capDepthMm: figure('depth of the cap', 'boreDepthMm'),
  seat: choice('seat', SEATS),
  lugHoleMm: figure('lug hole', 'studHoleMm'),
  seatDiameterMm: figure('seat diameter', 'seatDiameterMm'),
  padThicknessMm: figure('pad thickness', 'padThicknessMm'),
  pocketDepthMm: figure('pocket depth', 'pocketDepthMm'),
  ratingKg: figure('wheel rating', 'ratingKg'),
  massKg: figure('weight', 'massKg'),
  sensorBody: choice('drilling for a sensor', SENSOR_SEATS),
  valveHoleMm: figure('valve hole', 'valveHoleMm'),
  innerFace: group('inner face', INNER_FACE),
  style: choice('style', WHEEL_STYLES),
  spokeCount: figure('number of spokes', 'spokeCount', { whole: true }),
  ...PRICED,
} as const satisfies FieldsOf<Wheel>;
