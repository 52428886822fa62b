export * from './reminders';
