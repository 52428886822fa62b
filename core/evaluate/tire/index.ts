export * from './wheel';
export * from './tire';
export * from './rim';
export * from './dual';
export * from './load';
export * from './ratings';
export * from './mass';
