export default {
  testEnvironment: 'node',
  testMatch: ['**/*.test.ts'],
  roots: [
    '<rootDir>/core',
    '<rootDir>/formats',
    '<rootDir>/server',
    '<rootDir>/app',
    '<rootDir>/cli',
    '<rootDir>/scripts',
  ],
  transform: {
    '^.+\\.m?[jt]sx?$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } } }],
  },
  // These come as ES modules only.
  transformIgnorePatterns: [
    '/node_modules/(?!(nanoid|three|three-mesh-bvh|d3|d3-[a-z-]+|internmap|delaunator|robust-predicates)/)',
  ],
  testTimeout: 30_000,
  // One for each core: by itself it would leave one idle.
  maxWorkers: '100%',
};
