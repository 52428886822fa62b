import { ROOMS } from './rooms.mjs';

const anyOf = (rooms) => `^(${rooms.join('|')})/`;

/** Tests may look at anything. */
const TESTS = String.raw`\.test\.tsx?$|^support/|^app/testing/`;

const upward = ROOMS.slice(0, -1).map((rooms, floor) => ({
  name: `no-reaching-up-from-floor-${floor + 1}`,
  comment: `${rooms.join(', ')}: a room uses its own floor and those below (rooms.mjs).`,
  severity: 'error',
  from: { path: anyOf(rooms) },
  to: { path: anyOf(ROOMS.slice(floor + 1).flat()) },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    {
      name: 'no-circle-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circle-of-rooms',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|formats|server|cli)/' },
      to: { circular: true },
    },
    {
      name: 'every-room-has-a-floor',
      comment: 'A new room stands in rooms.mjs.',
      severity: 'error',
      from: { path: '^core/', pathNot: anyOf(ROOMS.flat()) },
      to: { path: '.' },
    },
    ...upward,
  ],
  options: {
    // Types count: what only names a type of another file still leans on it.
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: TESTS },
    enhancedResolveOptions: { conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
