export * from './constants';
export * from './readNumber';
export * from './readLength';
export * from './formatLength';
export * from './unitSet';
export * from './words';
export * from './measures';
export * from './measured';
