export * from './fitted';
export * from './inside';
export * from './section';
export * from './solid';
export * from './height';
export * from './cornerSection';
