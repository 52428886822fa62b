export * from './targets';
export { decimalOf, listNumber, type DecimalSign } from './numbers';
export { readOffset, readPattern, readRim, readTireText, readWheelText } from './sizes';
