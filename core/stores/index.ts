export * from './item';
export * from './thinnest';
export * from './fasteners';
