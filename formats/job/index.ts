export * from './schema';
export * from './brief';
export * from '#formats/faults';
export * from './read';
export * from './bounds';
export * from './write';
export * from './editSchema';
export * from './jsonSchema';
