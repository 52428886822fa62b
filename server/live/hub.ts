import type { Session } from 'better-sse';
import { nanoid } from 'nanoid';
import type { Edit } from '#core/job';
import type { SaveResult } from '../saved';
import type { LiveEvents, Screen } from './records';

/** A screen that listens. */
interface Listener extends Screen {
  session: Session;
  /** The last revision that it heard of, or came with: it names it when it comes back. */
  heard: number;
  /** What has not gone out to it yet, bytes. */
  waitingBytes(): number;
  close(): void;
}

/** A screen that takes nothing is let go before what waits for it fills the memory: it comes back and asks. */
const MOST_WAITING_BYTES = 1024 * 1024;

/** Screens that come and go within so long are told of together: each telling goes to all of them, and names all. */
const TOGETHER_MS = 50;

const listeners = new Map<string, Set<Listener>>();

/** How many screens listen to a job; to all of them where none is named. */
export const listening = (jobId?: string): number =>
  jobId === undefined
    ? [...listeners.values()].reduce((sum, some) => sum + some.size, 0)
    : (listeners.get(jobId)?.size ?? 0);

interface Told<K extends keyof LiveEvents> {
  event: K;
  data: LiveEvents[K];
  /** The revision that it is about. */
  revision?: number;
}

function tell<K extends keyof LiveEvents>(to: Listener, { event, data, revision }: Told<K>): void {
  // One that is just leaving must not spoil the save that is told.
  if (!to.session.isConnected) return;
  if (to.waitingBytes() > MOST_WAITING_BYTES) return to.close();
  to.heard = revision ?? to.heard;
  to.session.push(data, event, String(to.heard));
}

/** Says to a screen that it is behind a revision. */
export const tellBehind = (to: Listener, revision: number): void =>
  tell(to, { event: 'behind', data: { revision }, revision });

/** Tells every screen of a job what was saved. */
export function tellSaved(jobId: string, result: SaveResult, edits: Edit[]): void {
  const some = listeners.get(jobId);
  if (!some || result.status !== 'saved') return;
  const { status: _, ...saved } = result;
  const data = { ...saved, made: saved.made === 'as sent' ? edits : saved.made };
  for (const one of some) tell(one, { event: 'saved', data, revision: saved.revision });
}

/** Takes a screen in, until its session ends. */
export function listen(jobId: string, listener: Omit<Listener, 'id'>): Listener {
  const one: Listener = { ...listener, id: nanoid(10) };
  const some = listeners.get(jobId) ?? new Set<Listener>();
  listeners.set(jobId, some.add(one));
  one.session.once('disconnected', () => {
    some.delete(one);
    if (some.size === 0) listeners.delete(jobId);
    tellPresent(jobId);
  });
  tellPresent(jobId);
  return one;
}

/** Jobs whose screens are still to be told who else is there. */
const untold = new Set<string>();

function tellPresent(jobId: string): void {
  if (untold.has(jobId)) return;
  untold.add(jobId);
  setTimeout(() => {
    untold.delete(jobId);
    const some = [...(listeners.get(jobId) ?? [])];
    const screens = some.map(({ id, name }): Screen => ({ id, name }));
    for (const one of some) tell(one, { event: 'present', data: { own: one.id, screens } });
  }, TOGETHER_MS);
}

/** Lets every screen go: the server ends. */
export function endLive(): void {
  for (const some of listeners.values()) for (const { close } of some) close();
}
