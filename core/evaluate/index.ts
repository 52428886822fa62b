export * from './report';
export * from './evaluate';
export * from './fitted';
export * from './held';
export { hardwareOf, type Hardware } from './hardware';
export { hubPatternOf, type HubPattern } from './hubPattern';
export { waysOut, type WayChoices, type WayKind, type WayOut } from './waysOut';
export * from './spacerNeed';
