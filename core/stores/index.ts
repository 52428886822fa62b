export * from './item';
export * from './thinnest';
