export * from './drawn';
export * from './read';
export * from './svg';
export * from './dxf';
export * from './place';
export * from './write';
