export default {
  testEnvironment: 'node',
  roots: [
    '<rootDir>/core',
    '<rootDir>/formats',
    '<rootDir>/server',
    '<rootDir>/app',
    '<rootDir>/cli',
    '<rootDir>/scripts',
  ],
  transform: {
    '^.+\\.[jt]sx?$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } } }],
  },
  // nanoid comes as an ES module only.
  transformIgnorePatterns: ['/node_modules/(?!nanoid/)'],
  testTimeout: 30_000,
};
