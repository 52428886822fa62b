export * from './loadIndex';
export * from './speedSymbol';
export * from './loadRange';
export * from './service';
export * from './pressure';
export * from './usualIndex';
