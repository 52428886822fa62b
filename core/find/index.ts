export * from './records';
export * from './search';
export * from './merge';
export * from './front';
export * from './session';
export * from './together';
