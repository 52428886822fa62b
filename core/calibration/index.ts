export * from './prior';
export * from './estimate';
export * from './applied';
export * from './calibrate';
