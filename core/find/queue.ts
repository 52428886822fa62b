/** What waits, the least of it first: a binary heap (J. W. J. Williams, 1964; from memory). */
export class Queue<T> {
  readonly #heap: T[] = [];
  readonly #compare: (one: T, other: T) => number;

  constructor(compare: (one: T, other: T) => number) {
    this.#compare = compare;
  }

  get length(): number {
    return this.#heap.length;
  }

  push(item: T): void {
    const heap = this.#heap;
    let at = heap.push(item) - 1;
    while (at > 0) {
      const above = (at - 1) >> 1;
      if (this.#compare(item, heap[above]!) >= 0) break;
      heap[at] = heap[above]!;
      at = above;
    }
    heap[at] = item;
  }

  pop(): T | undefined {
    const heap = this.#heap;
    const least = heap[0];
    const last = heap.pop();
    if (last === undefined || heap.length === 0) return least;
    let at = 0;
    for (let below = 1; below < heap.length; below = 2 * at + 1) {
      if (below + 1 < heap.length && this.#compare(heap[below + 1]!, heap[below]!) < 0) below += 1;
      if (this.#compare(last, heap[below]!) <= 0) break;
      heap[at] = heap[below]!;
      at = below;
    }
    heap[at] = last;
    return least;
  }
}
