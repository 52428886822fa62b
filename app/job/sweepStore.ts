import { NO_SWEEPS, type ObstacleSpreads, type SweepSource } from '#core/evaluate';
import type { AxleName, Job, Setup, Vehicle } from '#core/job';
import type { Swept } from '#core/sweep';
import { Lane } from '../workers/lane';
import { sweepWorker, type SweepWorker } from '../workers/sweepWorker';
import type { KeptSweeps } from './keptSweeps';
import { presentSlot, sameParts, setupSlot, wantedBy, wantedFor, partsOf, type Wanted } from './wanted';

/** How the sweeps of a job stand. */
export interface SweepState {
  /** What the reports are made with; another object whenever a sweep has come in. */
  source: SweepSource;
  /** How many sweeps are due (−1 before anybody looked), and the share done of the one under way. */
  waiting: number;
  share: number;
  /** The worker ended by itself, or was told to stop: nothing is swept until it is asked to. */
  halted: 'died' | 'stopped' | null;
}

/** Nothing swept yet: what the server renders, and what the page begins with. */
export const UNSWEPT: SweepState = { source: NO_SWEEPS, waiting: -1, share: 0, halted: null };

/** How long a job is left alone before it is drawn how sure its clearances are, ms. */
const QUIET_MS = 1200;

/** How long a job is left alone where its setups are not looked at before they are swept all the same, ms. */
const REST_MS = 10_000;

/** So many workers sweep at once, each on a core of its own, where there are as many. */
const MOST_WORKERS = 4;
const workersHere = (): number => Math.min(MOST_WORKERS, globalThis.navigator?.hardwareConcurrency ?? 1);

/** A sweep that was made: of what, by content and by identity. */
interface Done {
  key: string;
  parts: readonly unknown[];
  swept: Swept | null;
}

/**
 * Keeps the sweeps of a job up with it: whatever has changed is swept anew in workers, the raised setup first; what
 * this browser has kept of an earlier visit is taken as it is. Until then the last sweep of a setup stands in, so that
 * figures do not flicker under a nudge.
 */
export class SweepStore {
  #state = UNSWEPT;
  #stopped = false;
  #wanted: readonly Wanted[] = [];
  readonly #done = new Map<string, Done>();
  /** How sure the clearances of the setups are, the raised one's first: drawn once everything is swept. */
  #unsure: readonly Wanted[] = [];
  #quiet: ReturnType<typeof setTimeout> | null = null;
  /** The job has been left alone for a while, and still is. */
  #isQuiet = false;
  /** The setups are not looked at: of them nothing is swept before the job has been left alone for long. */
  #resting = false;
  readonly #drawn = new Map<string, { key: string; spread: () => ObstacleSpreads }>();
  readonly #listeners = new Set<() => void>();
  /** The worker, for what a station asks it for itself. */
  readonly worker: SweepWorker = sweepWorker();
  readonly #workers: readonly SweepWorker[];
  readonly #sweeps: readonly Lane[];
  readonly #draws: readonly Lane[];
  readonly #kept: KeptSweeps | null;

  constructor(kept: KeptSweeps | null = null, workers = workersHere()) {
    this.#kept = kept;
    this.#workers = [this.worker, ...Array.from({ length: workers - 1 }, sweepWorker)];
    this.#sweeps = this.#workers.map((worker) => new Lane(worker));
    // Nobody waits for draws: one core is left for the hand.
    this.#draws = this.#workers.slice(0, Math.max(1, workers - 1)).map((worker) => new Lane(worker));
    for (const worker of this.#workers) worker.subscribe(() => this.#next());
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };
  readonly state = (): SweepState => this.#state;

  /** Whether the sweep that stands in for a setup was made of another one, or of another car. */
  isStale(one: { job: Job; setup: Setup; axle: AxleName }): boolean {
    const done = this.#done.get(setupSlot(one.setup.id, one.axle));
    return done !== undefined && !sameParts(done.parts, partsOf(one));
  }

  /** The job has changed and will be followed soon; says whether it was swept before. No draw is begun until then. */
  expect(): boolean {
    this.#wake();
    const before = this.#state.waiting >= 0;
    if (this.#state.waiting === 0) this.#set({ waiting: -1 });
    return before || this.#done.size > 0;
  }

  /**
   * Takes the job as it is now: what is not swept yet is put in line, what is not wanted any more is dropped.
   * @param resting its setups are not looked at now
   */
  follow(job: Job, raised: Setup | null, resting = false): void {
    this.#wake();
    this.#resting = resting;
    const { sweeps, draws } = wantedFor(job, raised);
    this.#forgetBut(new Set(sweeps.map(({ slot }) => slot)));
    this.#wanted = sweeps.filter(({ slot, key }) => this.#done.get(slot)?.key !== key);
    this.#renew(sweeps);
    this.#unsure = draws;
    for (const [lanes, wanted] of [[this.#sweeps, this.#wanted] as const, [this.#draws, draws] as const])
      for (const lane of lanes)
        if (lane.busy && !wanted.some(({ key, slot }) => wantedBy(slot, key) === lane.about)) lane.stop();
    void this.#recall();
  }

  /** Takes what is kept of what is wanted; what is not is made. */
  async #recall(): Promise<void> {
    if (this.#kept && this.#wanted.length > 0) {
      const keys = this.#wanted.map(({ key }) => key);
      const [sweeps, spreads] = await Promise.all([this.#kept.find('sweep', keys), this.#kept.find('spread', keys)]);
      const found = this.#wanted.filter(({ key }) => sweeps.has(key));
      for (const { slot, key, parts } of found) this.#done.set(slot, { key, parts, swept: sweeps.get(key)!.swept });
      for (const { slot, key } of this.#unsure) {
        const spread = spreads.get(key);
        if (spread) this.#drawn.set(slot, { key, spread: () => spread });
      }
      this.#wanted = this.#wanted.filter((one) => !found.includes(one));
      if (found.length > 0) this.#set({ source: this.#source() });
    }
    this.#next();
  }

  /** A sweep of just this, though of other objects, is one of these very parts from now on. */
  #renew(wanted: readonly Wanted[]): void {
    const renewed = wanted.flatMap(({ slot, key, parts }) => {
      const done = this.#done.get(slot);
      return done?.key === key && !sameParts(done.parts, parts) ? [[slot, { ...done, parts }] as const] : [];
    });
    if (renewed.length === 0) return;
    for (const [slot, done] of renewed) this.#done.set(slot, done);
    this.#set({ source: this.#source() });
  }

  /** A setup that is gone must not stand in for a new one of its name. */
  #forgetBut(slots: ReadonlySet<string>): void {
    for (const known of [this.#done, this.#drawn])
      for (const slot of known.keys()) if (!slots.has(slot)) known.delete(slot);
  }

  /** Stops what is under way and what waits. */
  stop(): void {
    this.#stopped = true;
    for (const lane of this.#sweeps) lane.stop();
    this.#next();
  }

  /** Goes on after a stop, or after the worker died. */
  again(): void {
    this.#stopped = false;
    for (const worker of this.#workers) worker.revive();
    this.#next();
  }

  end(): void {
    this.#wake();
    [this.#wanted, this.#unsure] = [[], []];
    for (const lane of [...this.#sweeps, ...this.#draws]) lane.drop();
    for (const worker of this.#workers) worker.end();
  }

  /** The job is not quiet any more. */
  #wake(): void {
    if (this.#quiet) clearTimeout(this.#quiet);
    [this.#quiet, this.#isQuiet] = [null, false];
  }

  #next(): void {
    const halted = this.#workers.some((worker) => worker.died()) ? 'died' : this.#stopped ? 'stopped' : null;
    const due = this.#wanted.filter(({ task }) => !this.#resting || task.kind === 'present');
    this.#set({ waiting: due.length, halted });
    if (halted) return;
    if (due.length === 0 && !this.#sweeping) this.#later();
    const underWay = new Set(this.#sweeps.map(({ about }) => about));
    const open = due.filter(({ slot, key }) => !underWay.has(wantedBy(slot, key)));
    for (const lane of this.#sweeps) {
      if (lane.busy) continue;
      const wanted = open.shift();
      if (wanted) void this.#sweep(lane, wanted);
    }
  }

  get #sweeping(): boolean {
    return this.#sweeps.some(({ busy }) => busy);
  }

  async #sweep(lane: Lane, { slot, key, parts, task }: Wanted): Promise<void> {
    const outcome = await lane.ask(
      wantedBy(slot, key),
      (work, call, heard) => work.sweep(call, task, heard),
      (share) => this.#set({ share }),
    );
    if (!outcome) return;
    if (outcome.name === 'done') {
      this.#done.set(slot, { key, parts, swept: outcome.value.swept });
      this.#wanted = this.#wanted.filter((one) => one.slot !== slot || one.key !== key);
      void this.#kept?.keep('sweep', key, outcome.value);
      this.#set({ source: this.#source() });
    }
    this.#set({ share: 0 });
    this.#next();
  }

  /**
   * Draws wait until a job has been left alone for a while: they take longer than its sweeps, and a nudge makes them
   * void. While readings are taken, the sweeps of setups wait as well.
   */
  #later(): void {
    if (this.#isQuiet) return this.#drawNext();
    const resting = this.#resting;
    this.#quiet ??= setTimeout(
      () => {
        this.#quiet = null;
        this.#resting = false;
        this.#isQuiet = !resting;
        if (resting) this.#next();
        else this.#drawNext();
      },
      resting ? REST_MS : QUIET_MS,
    );
  }

  /** Draws how sure the next clearances are; sweeps that come up meanwhile go before. */
  #drawNext(): void {
    if (this.#sweeping || this.#state.halted) return;
    const underWay = new Set(this.#draws.map(({ about }) => about));
    const open = this.#unsure.filter(
      ({ slot, key }) => this.#drawn.get(slot)?.key !== key && !underWay.has(wantedBy(slot, key)),
    );
    for (const lane of this.#draws) {
      if (lane.busy) continue;
      const wanted = open.shift();
      if (wanted) void this.#draw(lane, wanted);
    }
  }

  async #draw(lane: Lane, { slot, key, task }: Wanted): Promise<void> {
    if (task.kind !== 'candidate') return;
    const outcome = await lane.ask(wantedBy(slot, key), (work, call, heard) => work.spread(call, task, heard));
    if (!outcome) return;
    if (outcome.name === 'done') {
      const { value } = outcome;
      this.#drawn.set(slot, { key, spread: () => value });
      void this.#kept?.keep('spread', key, value);
      this.#set({ source: this.#source() });
    } else this.#wake();
    this.#next();
  }

  #source(): SweepSource {
    const of = (slot: string) => this.#done.get(slot)?.swept;
    return {
      // How sure a clearance is counts for the very setup it was drawn for alone.
      spread: (job, setup, axle) => {
        const slot = setupSlot(setup.id, axle);
        const [drawn, done] = [this.#drawn.get(slot), this.#done.get(slot)];
        const isOf = drawn && done?.key === drawn.key && sameParts(done.parts, partsOf({ job, setup, axle }));
        return isOf ? drawn.spread : undefined;
      },
      present: (_vehicle: Vehicle, axle) => of(presentSlot(axle)),
      candidate: (_job, setup, axle) => of(setupSlot(setup.id, axle)),
    };
  }

  #set(change: Partial<SweepState>): void {
    this.#state = { ...this.#state, ...change };
    for (const listener of this.#listeners) listener();
  }
}
