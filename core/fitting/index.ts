export * from './records';
export * from './corner';
export * from './compare';
export * from './progress';
export * from './retorque';
export * from './terms';
export * from './tightening';
export * from './figureText';
