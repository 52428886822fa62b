export * from './backspacing';
export * from './roomToSpare';
export * from './style';
