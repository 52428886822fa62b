import type { AxleName } from '#core/job';
import type { ByAxle } from './car';

/** Something of either axle, worked out when it is first read: who asks about one does not wait for the other. */
export class EachAxle<T extends object> implements ByAxle<T> {
  readonly #of: (axle: AxleName) => T;
  #front: T | undefined;
  #rear: T | undefined;

  constructor(of: (axle: AxleName) => T) {
    this.#of = of;
  }

  get front(): T {
    return (this.#front ??= this.#of('front'));
  }

  get rear(): T {
    return (this.#rear ??= this.#of('rear'));
  }
}
