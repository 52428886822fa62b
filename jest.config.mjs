import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

const root = import.meta.dirname;

/** Packages that come as ES modules only. */
const MODULES = [
  '@gltf-transform/core',
  'property-graph',
  'comlink',
  'nanoid',
  'p-queue',
  'p-timeout',
  'react-hotkeys-hook',
  'three',
  'three-mesh-bvh',
  'd3',
  'd3-[a-z-]+',
  'internmap',
  'delaunator',
  'robust-predicates',
];

const SWC = {
  jsc: {
    target: 'es2022',
    parser: { syntax: 'typescript', tsx: true },
    transform: { react: { runtime: 'automatic' } },
  },
};

const GLOBALS = [
  'Math',
  'Number',
  'Infinity',
  'Map',
  'Set',
  'Array',
  'Object',
  'String',
  'Boolean',
  'Float64Array',
  'JSON',
  'Symbol',
];

/**
 * What takes a room of its own, one global for each file: tests of what keeps a state (the server, its commands), and
 * those that ask for a window, or put something in the place of what all share.
 */
const isAlone = (file) =>
  /^(server|cli|scripts)\//.test(file) ||
  /@jest-environment|\bjest\.(?!fn\b)|globalThis|process\.env/.test(readFileSync(path.join(root, file), 'utf8'));

const ROOMS = ['core', 'formats', 'server', 'app', 'cli', 'scripts'];
const tests = ROOMS.flatMap((room) =>
  readdirSync(path.join(root, room), { recursive: true })
    .filter((file) => /\.test\.tsx?$/.test(file))
    .map((file) => path.posix.join(room, file.replaceAll(path.sep, '/'))),
);
const isOneOf = (files) => files.map((file) => `<rootDir>/${file}`);
const roots = ROOMS.map((room) => `<rootDir>/${room}`);

export default {
  // A machine that others share may stand still for a minute.
  testTimeout: 180_000,
  // One for each core: by itself it would leave one idle.
  maxWorkers: '100%',
  projects: [
    {
      displayName: 'together',
      roots,
      testMatch: isOneOf(tests.filter((file) => !isAlone(file))),
      runner: '<rootDir>/support/together.mjs',
      setupFiles: ['<rootDir>/support/sourceMaps.mjs'],
    },
    {
      displayName: 'alone',
      roots,
      testMatch: isOneOf(tests.filter(isAlone)),
      testEnvironment: 'node',
      // A global is looked up by hand in the room of a test, each time; handed to each module it is a variable.
      // Arithmetic takes less than half of the time.
      sandboxInjectedGlobals: GLOBALS,
      setupFiles: ['<rootDir>/support/dom.ts'],
      moduleNameMapper: {
        '\\.css$': '<rootDir>/support/noStyles.ts',
        '^@ant-design/icons-svg$': '<rootDir>/support/icons.ts',
      },
      transform: {
        '\\.test\\.tsx?$': ['<rootDir>/support/bundledTest.mjs', { ...SWC, modules: MODULES }],
        '^.+\\.m?[jt]sx?$': ['@swc/jest', SWC],
      },
      transformIgnorePatterns: [`/node_modules/(?!(${MODULES.join('|')})/)`],
    },
  ],
};
