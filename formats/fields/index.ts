export * from './ranges';
export * from './readings';
export * from './names';
export * from './instruments';
