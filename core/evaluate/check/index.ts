export * from './check';
export * from './kinds';
export * from './definition';
export * from './judged';
export * from './judgeAll';
export * from './limitLine';
