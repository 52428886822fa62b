export * from './option';
export * from './patternOptions';
