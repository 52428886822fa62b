export * from './size';
export * from './dimensions';
export * from './rimRange';
