export * from './records';
export * from './size';
export * from './dimensions';
export * from './rimRange';
export * from './growth';
export * from './name';
export * from './standardSizes';
