export { entryOf, historyEntry, type ReadingTold } from './readings';
export type { HistoryEntry, OpenJob } from './records';
export { openJobOf, openJobText } from './text';
export { wholeJob } from './whole';
