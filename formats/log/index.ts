export * from './records';
export { logOf, type Logged } from './entries';
export * from './csv';
