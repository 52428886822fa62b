import { NO_SWEEPS, type ObstacleSpreads, type SweepSource } from '#core/evaluate';
import { AXLES, ruleInForce, type AxleName, type Job, type Setup, type Vehicle, type SetupOnAxle } from '#core/job';
import type { Swept } from '#core/sweep';
import type { SweepTask } from '../workers/sweepProtocol';
import { sweepWorker, type Running, type SweepWorker } from '../workers/sweepWorker';

/** How the sweeps of a job stand. */
export interface SweepState {
  /** What the reports are made with; another object whenever a sweep has come in. */
  source: SweepSource;
  /** How many sweeps are still to come (−1 before anybody looked), and the share done of the one under way. */
  waiting: number;
  share: number;
  /** The worker ended by itself, or was told to stop: nothing is swept until it is asked to. */
  halted: 'died' | 'stopped' | null;
}

/** Nothing swept yet: what the server renders, and what the page begins with. */
export const UNSWEPT: SweepState = { source: NO_SWEEPS, waiting: -1, share: 0, halted: null };

/** How long a job is left alone before it is drawn how sure its clearances are, ms. */
const QUIET_MS = 1200;

interface Wanted {
  slot: string;
  key: string;
  task: SweepTask;
}

/**
 * Keeps the sweeps of a job up with it: whatever has changed is swept anew in a worker, the raised setup first. Until
 * then the last sweep of a setup stands in, so that figures do not flicker under a nudge.
 */
export class SweepStore {
  #state = UNSWEPT;
  #wanted: Wanted[] = [];
  #running: { wanted: Wanted; run: Running<unknown> } | null = null;
  readonly #done = new Map<string, { key: string; swept: Swept | null }>();
  /** How sure the clearances of the setups are, the raised one's first: drawn once everything is swept. */
  #unsure: Unsure[] = [];
  #quiet: ReturnType<typeof setTimeout> | null = null;
  #drawing: { wanted: Unsure; run: Running<ObstacleSpreads> } | null = null;
  readonly #drawn = new Map<string, { key: string; spread: () => ObstacleSpreads }>();
  readonly #listeners = new Set<() => void>();
  readonly #worker: SweepWorker = sweepWorker();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };
  readonly state = (): SweepState => this.#state;

  /** The job has changed and will be followed soon; says whether it was swept before. */
  expect(): boolean {
    const before = this.#state.waiting >= 0;
    if (this.#state.waiting === 0) this.#set({ waiting: -1 });
    return before || this.#done.size > 0;
  }

  /** Takes the job as it is now: what is not swept yet is put in line, what is not wanted any more is dropped. */
  follow(job: Job, raised: Setup | null): void {
    this.#wake();
    const order = raised ? [raised, ...job.setups.filter((setup) => setup !== raised)] : job.setups;
    const all = [
      ...AXLES.map((axle) => presentWanted(job.vehicle, axle)),
      ...order.flatMap((setup) => AXLES.map((axle) => candidateWanted(job, setup, axle))),
    ];
    // A setup that is gone must not stand in for a new one of its name.
    const slots = new Set(all.map(({ slot }) => slot));
    for (const slot of this.#done.keys()) if (!slots.has(slot)) this.#done.delete(slot);
    this.#wanted = all.filter(({ slot, key }) => this.#done.get(slot)?.key !== key);
    const running = this.#running;
    if (running && !this.#wanted.some((one) => one.slot === running.wanted.slot && one.key === running.wanted.key))
      running.run.stop();
    for (const slot of this.#drawn.keys()) if (!slots.has(slot)) this.#drawn.delete(slot);
    this.#unsure = order.flatMap((setup) => AXLES.map((axle) => unsureOf(job, setup, axle)));
    const drawing = this.#drawing;
    if (drawing && !this.#unsure.some((one) => one.slot === drawing.wanted.slot && one.key === drawing.wanted.key))
      drawing.run.stop();
    this.#next();
  }

  /** Stops what is under way and what waits. */
  stop(): void {
    this.#running?.run.stop();
    this.#set({ halted: 'stopped' });
  }

  /** Goes on after a stop, or after the worker died. */
  again(): void {
    this.#set({ halted: null });
    this.#next();
  }

  end(): void {
    this.#wake();
    this.#unsure = [];
    this.#wanted = [];
    this.#running = null;
    this.#worker.end();
  }

  /** The worker, for what a station asks it for itself. */
  get worker(): SweepWorker {
    return this.#worker;
  }

  /** The job is not quiet any more. */
  #wake(): void {
    if (this.#quiet) clearTimeout(this.#quiet);
    this.#quiet = null;
  }

  #next(): void {
    const wanted = this.#wanted[0];
    this.#set({ waiting: this.#wanted.length });
    if (this.#running || this.#state.halted) return;
    if (!wanted) return this.#drawSoon();
    const progress = (share: number) => this.#set({ share });
    const run = this.#worker.call((work, call, heard) => work.sweep(call, wanted.task, heard), progress);
    this.#running = { wanted, run };
    run.answer.then(
      (answer) => {
        if (this.#running?.run !== run) return;
        this.#running = null;
        if (answer) {
          this.#done.set(wanted.slot, { key: wanted.key, swept: answer.swept });
          this.#wanted = this.#wanted.filter((one) => one.slot !== wanted.slot || one.key !== wanted.key);
          this.#set({ source: this.#source(), share: 0 });
        }
        this.#next();
      },
      () => {
        if (this.#running?.run !== run) return;
        this.#running = null;
        this.#set({ halted: 'died', share: 0 });
      },
    );
  }

  /**
   * Draws wait until a job has been left alone for a while: they take longer than its sweeps, and a nudge makes them
   * void.
   */
  #drawSoon(): void {
    this.#quiet ??= setTimeout(() => {
      this.#quiet = null;
      this.#draw();
    }, QUIET_MS);
  }

  /** Draws how sure the next clearances are; sweeps that come up meanwhile go before. */
  #draw(): void {
    const wanted = this.#unsure.find(({ slot, key }) => this.#drawn.get(slot)?.key !== key);
    if (this.#drawing || this.#running || this.#state.halted || !wanted) return;
    const run = this.#worker.call(
      (work, call, heard) => work.spread(call, wanted.task, heard),
      () => {},
    );
    this.#drawing = { wanted, run };
    run.answer.then(
      (spreads) => {
        if (this.#drawing?.run !== run) return;
        this.#drawing = null;
        if (spreads) {
          this.#drawn.set(wanted.slot, { key: wanted.key, spread: () => spreads });
          this.#set({ source: this.#source() });
        }
        this.#next();
      },
      () => {
        // A worker that died says so at the next sweep; drawing alone is no cause to stop.
        if (this.#drawing?.run === run) this.#drawing = null;
      },
    );
  }

  #source(): SweepSource {
    const of = (slot: string) => this.#done.get(slot)?.swept;
    return {
      spread: (job, setup, axle) => {
        const drawn = this.#drawn.get(setupSlot(setup.id, axle));
        return drawn?.key === unsureOf(job, setup, axle).key ? drawn.spread : undefined;
      },
      present: (_vehicle, axle) => of(presentSlot(axle)),
      candidate: (_job, setup, axle) => of(setupSlot(setup.id, axle)),
    };
  }

  #set(change: Partial<SweepState>): void {
    this.#state = { ...this.#state, ...change };
    for (const listener of this.#listeners) listener();
  }
}

/** Where a sweep is kept; no setup's id can name the present car's. */
const presentSlot = (axle: AxleName): string => `now: ${axle}`;
const setupSlot = (id: string, axle: AxleName): string => `setup ${id}: ${axle}`;

/** What a sweep of an axle depends on; the history of its readings is not among it. */
const carKey = (vehicle: Vehicle, axle: AxleName): string => {
  const { baseline, room, left, suspension, obstacles, dual } = vehicle[axle] ?? {};
  return JSON.stringify([vehicle.flangeMm, baseline, room, left, suspension, obstacles, dual]);
};

const presentWanted = (vehicle: Vehicle, axle: AxleName): Wanted => ({
  slot: presentSlot(axle),
  key: carKey(vehicle, axle),
  task: { kind: 'present', vehicle, axle },
});

const candidateWanted = (job: Job, setup: Setup, axle: AxleName): Wanted => ({
  slot: setupSlot(setup.id, axle),
  key:
    carKey(job.vehicle, axle) +
    JSON.stringify([setup[axle], setup.suspensionChange?.[axle], job.brief?.sweep, ruleInForce('poses', job)]),
  task: { kind: 'candidate', job: { ...job, setups: [] }, setup, axle },
});

interface Unsure {
  slot: string;
  key: string;
  task: SetupOnAxle;
}

/** What the draws of a setup depend on: all that its sweep does. */
const unsureOf = (job: Job, setup: Setup, axle: AxleName): Unsure => ({
  slot: setupSlot(setup.id, axle),
  key: candidateWanted(job, setup, axle).key,
  task: { job: { ...job, setups: [] }, setup, axle },
});
