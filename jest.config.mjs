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

export default {
  testEnvironment: 'node',
  // A global is looked up by hand in the room of a test, each time; handed to each module it is a variable. Arithmetic
  // takes less than half of the time.
  sandboxInjectedGlobals: [
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
  ],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  setupFiles: ['<rootDir>/support/dom.ts'],
  moduleNameMapper: {
    '\\.css$': '<rootDir>/support/noStyles.ts',
    '^@ant-design/icons-svg$': '<rootDir>/support/icons.ts',
  },
  roots: [
    '<rootDir>/core',
    '<rootDir>/formats',
    '<rootDir>/server',
    '<rootDir>/app',
    '<rootDir>/cli',
    '<rootDir>/scripts',
  ],
  transform: {
    '\\.test\\.tsx?$': ['<rootDir>/support/bundledTest.mjs', { ...SWC, modules: MODULES }],
    '^.+\\.m?[jt]sx?$': ['@swc/jest', SWC],
  },
  transformIgnorePatterns: [`/node_modules/(?!(${MODULES.join('|')})/)`],
  // A machine that others share may stand still for a minute.
  testTimeout: 180_000,
  // One for each core: by itself it would leave one idle.
  maxWorkers: '100%',
};
