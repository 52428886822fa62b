import type { WrenchEvent } from './wrenchScript';

/** The line of a wrench that talks. */
export interface WrenchLine {
  /** Hears every event until what it answers with is called. */
  listen(hear: (event: WrenchEvent) => void): () => void;
}

/** A wrench that is pulled by hand on the screen, or by a script. */
export interface SimulatedWrench extends WrenchLine {
  say(event: WrenchEvent): void;
  /** Says one event after the other; stops the one that plays. */
  play(events: readonly WrenchEvent[], ended: () => void): void;
  stop(): void;
}

/** The time between two events of a script, ms. */
const BEAT_MS = 350;

/** A wrench without a wrench: for a look at the work, and for tests of it. */
export function simulatedWrench(beatMs = BEAT_MS): SimulatedWrench {
  const ears = new Set<(event: WrenchEvent) => void>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const say = (event: WrenchEvent) => {
    for (const hear of ears) hear(event);
  };
  const stop = () => clearTimeout(timer);
  return {
    listen(hear) {
      ears.add(hear);
      return () => ears.delete(hear);
    },
    say,
    stop,
    play(events, ended) {
      stop();
      const [first, ...rest] = events;
      if (!first) return ended();
      timer = setTimeout(() => {
        say(first);
        this.play(rest, ended);
      }, beatMs);
    },
  };
}
