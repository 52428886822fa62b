export * from './family';
export * from './estimate';
export * from './applied';
export * from './calibrate';
