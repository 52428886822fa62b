import type { Cost } from '#core/cost';
import type { SetupReport } from './report';

/**
 * A judged setup whose cost is worked out when it is first read: figures are wanted at every nudge, their cost only
 * where it is shown. It is a getter of the class: what has one of its own is not collected with the young.
 */
export class JudgedSetup implements SetupReport {
  readonly id: SetupReport['id'];
  readonly label: SetupReport['label'];
  readonly front: SetupReport['front'];
  readonly rear: SetupReport['rear'];
  readonly speedometer: SetupReport['speedometer'];
  readonly spare: SetupReport['spare'];
  readonly tpms: SetupReport['tpms'];
  readonly rakeChangeMm: SetupReport['rakeChangeMm'];
  readonly checks: SetupReport['checks'];
  readonly verdict: SetupReport['verdict'];
  readonly #costOf: () => Cost;
  #cost: Cost | undefined;

  constructor(found: Omit<SetupReport, 'cost'>, costOf: () => Cost) {
    this.id = found.id;
    this.label = found.label;
    this.front = found.front;
    this.rear = found.rear;
    this.speedometer = found.speedometer;
    this.spare = found.spare;
    this.tpms = found.tpms;
    this.rakeChangeMm = found.rakeChangeMm;
    this.checks = found.checks;
    this.verdict = found.verdict;
    this.#costOf = costOf;
  }

  get cost(): Cost {
    return (this.#cost ??= this.#costOf());
  }

  toJSON(): SetupReport {
    return { ...this, cost: this.cost };
  }
}
