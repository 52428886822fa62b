export * from './records';
export { logOf } from './entries';
export * from './csv';
