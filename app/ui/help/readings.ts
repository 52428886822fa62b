import type { PictureName } from './Picture';

/** How a reading is taken: where the rule goes, with what, and what usually goes wrong. */
export interface ReadingHelp {
  title: string;
  picture: PictureName;
  where: string;
  tool: string;
  mistake: string;
}

/** By the field within an axle. */
const READING_HELP: Record<string, ReadingHelp> = {
  'room.outboardGapMm': {
    title: 'Gap to fender',
    picture: 'outboard',
    where:
      'Hold a straight-edge upright against the fender lip, straight above the hub. Read in to the bulge there: the widest place of tire or rim over the upper half. On a wheel that leans that is not its widest place below.',
    tool: 'Straight-edge and steel rule. A tire that stands proud counts negative.',
    mistake: 'Reading to the tread edge instead of the bulge of the sidewall, or with the wheels not straight.',
  },
  'room.inboardGapMm': {
    title: 'Inner gap',
    picture: 'inboard',
    where: 'From the innermost place of tire or rim to the nearest part beside it: strut, spring seat, arm, liner.',
    tool: 'Steel rule, or drill shanks as feelers where no rule goes in.',
    mistake: 'Reading on jacked wheels: hanging suspension moves the parts. Measure at ride height.',
  },
  'room.archGapMm': {
    title: 'Arch gap',
    picture: 'arch',
    where: 'From the top of the tread straight up to the fender lip.',
    tool: 'Steel rule. Both sides: cars lean.',
    mistake: 'Fuel, load or a soft tire. Note what was in the car.',
  },
  'baseline.wheel.rimDiameterIn': {
    title: 'Present rim diameter',
    picture: 'tireSize',
    where: 'The last figure of the tire size, or the stamp on the wheel.',
    tool: 'Read it; do not measure over the flanges.',
    mistake: 'Measuring the outside: the flanges add about 1.4 in.',
  },
  'baseline.wheel.rimWidthIn': {
    title: 'Present rim width',
    picture: 'rimWidth',
    where: 'Stamped behind the spokes or at the back of the rim. Measured: between the bead seats, inside the flanges.',
    tool: 'Read the stamp, else a caliper with long jaws.',
    mistake: 'Measuring over the flanges: that is the overall width, about 1 in more.',
  },
  'baseline.wheel.offsetMm': {
    title: 'Present offset or backspacing',
    picture: 'backspacing',
    where:
      'Offset is stamped as ET. Backspacing: wheel face down, straight-edge across the back flange, rule down to the pad.',
    tool: 'Straight-edge and steel rule.',
    mistake: 'Mixing the two meanings: a rule to the flange reads overall, paper sums are nominal, half an inch less.',
  },
  'baseline.stackMm': {
    title: 'Present spacer',
    picture: 'stack',
    where: 'Anything between hub face and wheel pad. None is 0.',
    tool: 'Caliper.',
    mistake: 'Taking the figure from a pack: it may be for the pair.',
  },
  'baseline.tire.size': {
    title: 'Present tire size',
    picture: 'tireSize',
    where: 'From the sidewall, as it is written there.',
    tool: 'Read it.',
    mistake: 'Trusting the door plate: somebody may have changed the tires.',
  },
  'baseline.tire.sectionWidthMm': {
    title: 'Present section width, measured',
    picture: 'section',
    where: 'Between the widest places of both sidewalls, away from the contact patch. Letters and ribs do not count.',
    tool: 'Large caliper, or two squares and a rule.',
    mistake: 'Measuring at the bottom, where the load bulges it.',
  },
  'baseline.tire.overallDiameterMm': {
    title: 'Present overall diameter, measured',
    picture: 'diameter',
    where: 'From the ground to the top of the tread of an unloaded wheel, or the circumference over 3.14.',
    tool: 'Tape around the tread, square on the top.',
    mistake: 'Measuring a loaded tire: it stands lower than it is round.',
  },
  'baseline.tire.treadWidthMm': {
    title: 'Present tread width, measured',
    picture: 'tread',
    where: 'Across the tread, between the edges that touch the road.',
    tool: 'Steel rule.',
    mistake: 'Taking the section width for it.',
  },
  'hub.lugCount': {
    title: 'Lug count',
    picture: 'pattern',
    where: 'Studs or bolt holes on the hub.',
    tool: 'Count them.',
    mistake: 'Counting the drum screw.',
  },
  'hub.boltCircleMm': {
    title: 'Bolt circle',
    picture: 'pattern',
    where: 'The circle through the middles of all studs. With an even count: between opposite studs, middle to middle.',
    tool: 'Caliper or steel rule. A tape sags and hides a millimetre, which is all that parts some patterns.',
    mistake: 'Reading across the widest pair of five as if it were the circle: it is 5 % short.',
  },
  'hub.boreMm': {
    title: 'Center bore of the hub',
    picture: 'bore',
    where: 'Outside diameter of the lip that carries the wheel.',
    tool: 'Caliper, in two directions. Clean off rust first.',
    mistake: 'Measuring the dust cap instead of the lip.',
  },
  'hub.lipHeightMm': {
    title: 'Hub lip',
    picture: 'lip',
    where: 'How far the lip stands out of the hub face, up to where it begins to taper.',
    tool: 'Depth end of a caliper.',
    mistake: 'Counting the taper: it does not centre anything.',
  },
  'hub.fastener.lengthMm': {
    title: 'Stud or bolt length',
    picture: 'stud',
    where: 'Stud: from the hub face, rotor on, to the end of the thread. Bolt: below its seat.',
    tool: 'Steel rule.',
    mistake: 'Measuring with the rotor off: its hat takes 6 to 10 mm.',
  },
};

/** The help of a reading; the left side is read as the right one is. */
export const helpOf = (key: string): ReadingHelp | undefined => READING_HELP[key.replace(/^left\./, '')];
