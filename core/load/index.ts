export * from './loadIndex';
export * from './speedRating';
export * from './loadRange';
export * from './service';
export * from './pressure';
export * from './usualIndex';
