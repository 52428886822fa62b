export * from './ladder';
export * from './least';
export * from './cutBack';
