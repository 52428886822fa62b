export * from './backspacing';
export * from './roomToSpare';
