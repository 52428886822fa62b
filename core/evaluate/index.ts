export * from './report';
export * from './evaluate';
export * from './fitted';
export * from './held';
export { hardwareOf, type Hardware } from './hardware';
export { hubPatternOf, type HubPattern } from './hubPattern';
