export * from './records';
export * from './corner';
export * from './compare';
