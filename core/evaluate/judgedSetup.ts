import type { Cost } from '#core/cost';
import type { Setup } from '#core/job';
import { worstVerdict, type Verdict } from '#core/verdict';
import type { ByAxle } from './car';
import type { AxleReport, SetupReport } from './report';

/** What concerns the whole car. */
export type CarJudged = Pick<SetupReport, 'speedometer' | 'spare' | 'tpms' | 'checks'>;

/**
 * A judged setup, each part of it worked out when it is first read: one axle is wanted at every nudge and in every list
 * of sizes, the other, the car's own checks and the cost only where they are shown. They are getters of the class: what
 * has one of its own is not collected with the young.
 */
export class JudgedSetup implements SetupReport {
  readonly id: SetupReport['id'];
  readonly label: SetupReport['label'];
  readonly #axles: ByAxle<AxleReport>;
  readonly #judge: { car(): CarJudged; cost(): Cost };
  #car: CarJudged | undefined;
  #verdict: Verdict | undefined;
  #cost: Cost | undefined;

  constructor({ id, label }: Setup, axles: ByAxle<AxleReport>, judge: { car(): CarJudged; cost(): Cost }) {
    this.id = id;
    this.label = label ?? null;
    this.#axles = axles;
    this.#judge = judge;
  }

  get front(): AxleReport {
    return this.#axles.front;
  }

  get rear(): AxleReport {
    return this.#axles.rear;
  }

  get speedometer(): SetupReport['speedometer'] {
    return this.#ofCar().speedometer;
  }

  get spare(): SetupReport['spare'] {
    return this.#ofCar().spare;
  }

  get tpms(): SetupReport['tpms'] {
    return this.#ofCar().tpms;
  }

  get rakeChangeMm(): number | null {
    const [front, rear] = [this.front.bodyHeightChangeMm, this.rear.bodyHeightChangeMm];
    return front === null || rear === null ? null : front - rear;
  }

  get checks(): SetupReport['checks'] {
    return this.#ofCar().checks;
  }

  get verdict(): Verdict {
    return (this.#verdict ??= worstVerdict([
      this.front.verdict,
      this.rear.verdict,
      ...this.checks.map(({ verdict }) => verdict),
    ]));
  }

  get cost(): Cost {
    return (this.#cost ??= this.#judge.cost());
  }

  toJSON(): SetupReport {
    return wholeOf(this);
  }

  #ofCar(): CarJudged {
    return (this.#car ??= this.#judge.car());
  }
}

/** A report with all of it worked out, to be written down or handed on. */
export const wholeOf = (report: SetupReport): SetupReport => ({
  id: report.id,
  label: report.label,
  front: report.front,
  rear: report.rear,
  speedometer: report.speedometer,
  spare: report.spare,
  tpms: report.tpms,
  rakeChangeMm: report.rakeChangeMm,
  checks: report.checks,
  verdict: report.verdict,
  cost: report.cost,
});
