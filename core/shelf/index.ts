export * from './item';
export * from './thinnest';
export * from './fasteners';
export * from './adapters';
