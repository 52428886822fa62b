/**
 * The rooms of the house, from the ground up: a room may use those of its own floor and below, never one above. The
 * fence in `npm test` (.dependency-cruiser.mjs) and the map in README.md (`npm run map`) read this list.
 */
export const FLOORS = [
  ['core/errors', 'core/progress'],
  ['core/units', 'core/uncertainty', 'core/print'],
  [
    'core/kinematics',
    'core/suspension',
    'core/tire',
    'core/wheel',
    'core/verdict',
    'core/position',
    'core/dual',
    'core/mass',
  ],
  [
    'core/brake',
    'core/centering',
    'core/fastener',
    'core/gearing',
    'core/load',
    'core/section',
    'core/sensor',
    'core/spare',
    'core/stack',
  ],
  ['core/hub', 'core/sweep'],
  ['core/remedy', 'core/window'],
  ['core/job'],
  ['core/shelf'],
  ['core/evaluate'],
  ['core/advice', 'core/standing'],
  ['formats'],
  ['cli', 'server'],
  ['app'],
];
