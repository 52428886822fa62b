import { readLoadRange, readSpeedRating } from '#core/load';
import { readTireSize, type Tire } from '#core/tire';
import { figure, flag, reading, text, written, type FieldsOf } from './field';
import { PRICED } from './priced';

/** A tire. */
export const TIRE = {
  size: written('tire size', readTireSize, {
    help: {
      title: 'Present tire size',
      picture: 'tireSize',
      where: 'From the sidewall, as it is written there.',
      tool: 'Read it.',
      mistake: 'Trusting the door plate: somebody may have changed the tires.',
    },
  }),
  sectionWidthMm: reading('section width', 'sectionWidthMm', {
    help: {
      title: 'Present section width, measured',
      picture: 'section',
      where: 'Between the widest places of both sidewalls, away from the contact patch. Letters and ribs do not count.',
      tool: 'Large caliper, or two squares and a rule.',
      mistake: 'Measuring at the bottom, where the load bulges it.',
    },
  }),
  overallDiameterMm: reading('overall diameter', 'overallDiameterMm', {
    help: {
      title: 'Present overall diameter, measured',
      picture: 'diameter',
      where: 'From the ground to the top of the tread of an unloaded wheel, or the circumference over 3.14.',
      tool: 'Tape around the tread, square on the top.',
      mistake: 'Measuring a loaded tire: it stands lower than it is round.',
    },
  }),
  staticLoadedRadiusMm: figure('static loaded radius', 'staticLoadedRadiusMm'),
  treadWidthMm: reading('tread width', 'treadWidthMm', {
    help: {
      title: 'Present tread width, measured',
      picture: 'tread',
      where: 'Across the tread, between the edges that touch the road.',
      tool: 'Steel rule.',
      mistake: 'Taking the section width instead.',
    },
  }),
  label: text('name', 120),
  testRimIn: figure('test rim', 'rimWidthIn'),
  loadIndex: figure('load index', 'loadIndex', { whole: true }),
  loadIndexDual: figure('load index, dual', 'loadIndex', { whole: true }),
  speed: written('speed rating', readSpeedRating, { capitals: true }),
  snow: flag('winter marking'),
  loadRange: written('load range', readLoadRange, { capitals: true }),
  minDualSpacingMm: figure('least dual spacing', 'minDualSpacingMm'),
  massKg: figure('weight', 'massKg'),
  ...PRICED,
} as const satisfies FieldsOf<Tire>;
