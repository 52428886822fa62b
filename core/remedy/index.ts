export * from './rungs';
export * from './least';
export * from './cutBack';
