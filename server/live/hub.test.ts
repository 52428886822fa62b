import { EventEmitter } from 'node:events';
import type { Session } from 'better-sse';
import { endLive, listen, listening } from './hub';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** A screen without a line: what it was told, and how it leaves. */
function screen(name: string) {
  const told: { event: string; names: unknown[] }[] = [];
  const session = Object.assign(new EventEmitter(), {
    isConnected: true,
    push: (data: { screens: { name: string }[] }, event: string) =>
      told.push({ event, names: data.screens.map((one) => one.name) }),
  });
  const leave = () => {
    session.isConnected = false;
    session.emit('disconnected');
  };
  const one = { session: session as unknown as Session, heard: 1, name, waitingBytes: () => 0, close: leave };
  return { told, leave, come: () => listen('job', one) };
}

test('of screens that come and go together each is told once; nobody is told when all are let go', () => {
  const screens = Array.from({ length: 200 }, (_, at) => screen(`desk ${at}`));
  for (const one of screens) one.come();
  screens[0]!.leave();
  jest.runAllTimers();
  const names = screens.slice(1).map((_, at) => `desk ${at + 1}`);
  expect(screens.map(({ told }) => told)).toEqual([[], ...names.map(() => [{ event: 'present', names }])]);
  screens[1]!.leave();
  jest.runAllTimers();
  expect(screens[2]!.told).toHaveLength(2);
  expect(screens[2]!.told[1]!.names).toEqual(names.slice(1));
  endLive();
  jest.runAllTimers();
  expect(listening()).toBe(0);
  expect(screens.reduce((sum, { told }) => sum + told.length, 0)).toBe(199 + 198);
});
