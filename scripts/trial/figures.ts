import { readFileSync } from 'node:fs';
import type { Job } from '#core/job';

/** What a trial has counted. */
export class Figures {
  kills = 0;
  upgradeKills = 0;
  saves = 0;
  lost = 0;
  corrupt = 0;
  stuck = 0;
  inputs = 0;
  serverErrors = 0;
  longestHoldMs = 0;
  longestAnswerMs = 0;
  readonly faults: string[] = [];
  readonly notes: string[] = [];
  readonly #until = new Map<string, number>();

  /** Something that must not be; each kind is told once, with how often. */
  fault = (what: string): void => {
    this.faults.push(what);
  };

  /** Gives a part of the trial so long. */
  give(part: string, seconds: number): void {
    this.#until.set(part, Date.now() + seconds * 1000);
  }

  over(part: string): boolean {
    return Date.now() > this.#until.get(part)!;
  }

  get good(): boolean {
    return this.lost + this.corrupt + this.stuck + this.serverErrors + this.faults.length === 0;
  }

  print(): void {
    const told = [...new Set(this.faults)].map(
      (what) => [what, this.faults.filter((one) => one === what).length] as const,
    );
    console.log(
      [
        `kills in the midst of saves, imports and backups   ${this.kills}`,
        `kills in upgrades                                  ${this.upgradeKills}`,
        `saves acknowledged                                 ${this.saves}`,
        `of them lost                                       ${this.lost}`,
        `databases that were not sound afterwards           ${this.corrupt}`,
        `inputs, sound and odd                              ${this.inputs}`,
        `answered with 500 or above                         ${this.serverErrors}`,
        `not answered within 30 s                           ${this.stuck}`,
        `longest answer                                     ${Math.round(this.longestAnswerMs)} ms`,
        `longest hold of the event loop                     ${this.longestHoldMs} ms`,
        ...this.notes,
        ...told.map(([what, times]) => `FAULT ${what}${times > 1 ? ` (${times} times)` : ''}`),
      ].join('\n'),
    );
  }
}

let text: string | undefined;

/** A job as the demo has it. */
export const demoJob = (name = 'brindle-kite'): Job =>
  JSON.parse((text ??= readFileSync(`demo/${name}.scoval.json`, 'utf8'))) as Job;
