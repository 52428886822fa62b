export * from './records';
export * from './stancePhoto';
