import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { ObstacleSpreads } from '#core/evaluate';
import type { Swept } from '#core/sweep';

/** What is kept: the outcome of a sweep, or how sure its clearances are. */
export interface KeptValues {
  sweep: { swept: Swept | null };
  spread: ObstacleSpreads;
}
type Kind = keyof KeptValues;

interface Kept {
  /** What it was made of, by content, and by which program. */
  key: string;
  at: number;
  value: KeptValues[Kind];
}

interface Schema extends DBSchema {
  kept: { key: string; value: Kept; indexes: { at: number } };
}

/** So many are kept, some 36 kB each in the browser (18 of the demo took 643 kB): 15 MB. The oldest make room. */
const MOST_KEPT = 400;

/** So long an answer is waited for, ms: behind a busy disk it comes later than a sweep would. */
const PATIENCE_MS = 1000;

/**
 * Sweeps of this browser that need not be made again when a page is opened anew: those of unchanged inputs, made by the
 * same program. A browser that keeps nothing, is full or does not answer has them made again.
 */
export class KeptSweeps {
  readonly #program: string;
  readonly #most: number;
  #opened: Promise<IDBPDatabase<Schema> | null> | undefined;

  /** @param program names the program that makes sweeps; what another one made counts for nothing */
  constructor(program: string, most = MOST_KEPT) {
    this.#program = program;
    this.#most = most;
  }

  /**
   * Those of the asked ones that are kept, by what they were asked with. Where the answer takes too long there are
   * none, and this page does not ask again: each change of the job would wait.
   */
  find<K extends Kind>(kind: K, keys: readonly string[]): Promise<Map<string, KeptValues[K]>> {
    return new Promise((resolve) => {
      const late = setTimeout(() => {
        this.#opened = Promise.resolve(null);
        resolve(new Map());
      }, PATIENCE_MS);
      void this.#read(kind, keys).then((found) => {
        clearTimeout(late);
        resolve(found);
      });
    });
  }

  async #read<K extends Kind>(kind: K, keys: readonly string[]): Promise<Map<string, KeptValues[K]>> {
    const found = new Map<string, KeptValues[K]>();
    try {
      const tx = (await this.#open())?.transaction('kept');
      if (!tx) return found;
      const kept = await Promise.all(keys.map((key) => tx.store.get(this.#name(kind, key))));
      kept.forEach((one, at) => one && found.set(keys[at]!, one.value as KeptValues[K]));
    } catch {
      // What cannot be read is made again.
    }
    return found;
  }

  async keep<K extends Kind>(kind: K, key: string, value: KeptValues[K]): Promise<void> {
    try {
      const tx = (await this.#open())?.transaction('kept', 'readwrite');
      if (!tx) return;
      await tx.store.put({ key: this.#name(kind, key), at: Date.now(), value });
      let over = (await tx.store.count()) - this.#most;
      for (let old = await tx.store.index('at').openCursor(); old && over > 0; old = await old.continue()) {
        await old.delete();
        over -= 1;
      }
      await tx.done;
    } catch {
      // What cannot be kept is made again.
    }
  }

  #name = (kind: Kind, key: string): string => `${this.#program} ${kind} ${key}`;

  #open(): Promise<IDBPDatabase<Schema> | null> {
    this.#opened ??= openDB<Schema>('scoval-sweeps', 1, {
      upgrade: (database) => void database.createObjectStore('kept', { keyPath: 'key' }).createIndex('at', 'at'),
      blocking: (_, __, { target }) => (target as IDBDatabase).close(),
    }).catch(() => null);
    return this.#opened;
  }
}

/** Those of this page's program; null where it does not say which it is, or there is nowhere to keep them. */
export function keptSweepsHere(): KeptSweeps | null {
  if (typeof indexedDB === 'undefined') return null;
  const { version } = (window as { __reactRouterManifest?: { version?: string } }).__reactRouterManifest ?? {};
  return version ? new KeptSweeps(version) : null;
}
