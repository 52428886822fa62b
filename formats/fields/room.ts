import type { Room } from '#core/job';
import { GEOMETRY_NAMES, SUSPENSION_KINDS, type KnownSuspension } from '#core/suspension';
import { choice, figure, reading, type FieldsOf } from './field';

/** The gaps around the present wheel at rest, in the order of a walk around it. */
export const ROOM = {
  outboardGapMm: reading('tuck', 'outboardGapMm', {
    help: {
      title: 'Tuck',
      picture: 'outboard',
      where:
        'Hold a straightedge upright against the fender lip, straight above the hub. Measure in to the bulge there:' +
        ' the widest place of tire or rim over the upper half. On a wheel that leans that is not its widest place' +
        ' below.',
      tool: 'Straightedge and steel rule. A tire that pokes counts negative.',
      mistake: 'Measuring to the tread edge instead of the bulge of the sidewall, or with the wheels not straight.',
    },
  }),
  inboardGapMm: reading('inner clearance', 'inboardGapMm', {
    help: {
      title: 'Inner clearance',
      picture: 'inboard',
      where: 'From the innermost place of tire or rim to the nearest part beside it: strut, spring seat, arm, liner.',
      tool: 'Steel rule, or drill shanks as feelers where no rule goes in.',
      mistake: 'Measuring with the wheels off the ground: at droop the parts move. Measure at ride height.',
    },
  }),
  archGapMm: reading('fender clearance', 'archGapMm', {
    help: {
      title: 'Fender clearance',
      picture: 'arch',
      where: 'From the top of the tread straight up to the fender lip.',
      tool: 'Steel rule. Both sides: cars lean.',
      mistake: 'Fuel, load or a soft tire change it. Note what was in the car.',
    },
  }),
  groundClearanceMm: reading('ground clearance', [0, 600], {
    optional: true,
    help: {
      title: 'Ground clearance',
      where:
        'From the ground straight up to the lowest part of the car near this axle: cross-member, sill, exhaust, lip' +
        ' of the bumper. Not to a part that moves with the wheel.',
      tool: 'Steel rule, or a straightedge slid under and a rule beside it.',
      mistake: 'Measuring on sloping ground, with a soft tire, or with the car on a lift.',
    },
  }),
  uncertaintyMm: figure('uncertainty', [0, 100]),
} as const satisfies FieldsOf<Room>;

/** What is read of the room at rest, in that order. */
export type RoomReading = {
  [K in keyof typeof ROOM]: (typeof ROOM)[K] extends { reading: true } ? K : never;
}[keyof typeof ROOM];
export const ROOM_READINGS = Object.entries(ROOM).flatMap(([key, { reading }]) =>
  reading ? [key as RoomReading] : [],
);

/** How the wheels of an axle move. */
export const SUSPENSION = {
  kind: choice('kind', SUSPENSION_KINDS),
  lockOutDeg: figure(GEOMETRY_NAMES.lockOutDeg, 'lockDeg'),
  lockInDeg: figure(GEOMETRY_NAMES.lockInDeg, 'lockDeg'),
  bumpMm: figure(GEOMETRY_NAMES.bumpMm, 'stopMm'),
  droopMm: figure(GEOMETRY_NAMES.droopMm, 'stopMm'),
  kingpinInclinationDeg: figure(GEOMETRY_NAMES.kingpinInclinationDeg, 'kingpinInclinationDeg'),
  casterDeg: figure(GEOMETRY_NAMES.casterDeg, 'casterDeg'),
  kingpinOffsetMm: figure(GEOMETRY_NAMES.kingpinOffsetMm, 'kingpinOffsetMm'),
  kingpinForeMm: figure(GEOMETRY_NAMES.kingpinForeMm, 'kingpinForeMm'),
  camberDeg: figure(GEOMETRY_NAMES.camberDeg, 'camberDeg'),
  camberGainDegPer100: figure(GEOMETRY_NAMES.camberGainDegPer100, 'camberGainDegPer100'),
  lateralPerMm: figure(GEOMETRY_NAMES.lateralPerMm, 'lateralPerMm'),
  lateralPerMm2: figure(GEOMETRY_NAMES.lateralPerMm2, 'lateralPerMm2'),
} as const satisfies FieldsOf<KnownSuspension>;
