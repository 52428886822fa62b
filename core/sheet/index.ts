export * from './records';
export { sheetOf } from './sheet';
