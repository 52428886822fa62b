import { Ears } from './line';

/** An instrument that is moved by hand on the screen, or by a script. */
export interface SimulatedLine<E> {
  listen(hear: (event: E) => void): () => void;
  say(event: E): void;
  /** Says one event after the other; stops the one that plays. */
  play(events: readonly E[], ended: () => void): void;
  stop(): void;
}

/** The time between two events of a script, ms. */
const BEAT_MS = 350;

/** An instrument without an instrument: for a look at the work, and for tests of it. */
export function simulatedLine<E>(beatMs = BEAT_MS): SimulatedLine<E> {
  const { listen, say } = new Ears<E>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const stop = () => clearTimeout(timer);
  return {
    listen,
    say,
    stop,
    play(events, ended) {
      stop();
      const [first, ...rest] = events;
      if (first === undefined) return ended();
      timer = setTimeout(() => {
        say(first);
        this.play(rest, ended);
      }, beatMs);
    },
  };
}
