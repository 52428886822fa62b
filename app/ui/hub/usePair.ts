import { useState } from 'react';
import { stepsBetween, widestSteps } from '#core/hub';

/** The two studs a reading goes between: clicked one after the other, the widest pair until then. */
export function usePair(lugCount: number | null) {
  const [chosen, setChosen] = useState<{ of: number | null; studs: readonly number[]; fault: boolean }>({
    of: lugCount,
    studs: [],
    fault: false,
  });
  // Another count has other studs.
  const studs = chosen.of === lugCount ? chosen.studs : [];
  const pair: readonly [number, number] | null =
    lugCount === null
      ? null
      : studs.length === 2
        ? [studs[0]!, studs[1]!]
        : studs.length === 1
          ? [studs[0]!, studs[0]!]
          : [0, widestSteps(lugCount)];
  const steps = pair && lugCount !== null ? stepsBetween(lugCount, ...pair) : 0;
  return {
    pair,
    /** Steps between them, 0 while the second is still to be chosen. */
    steps,
    sameTwice: chosen.fault && chosen.of === lugCount,
    choose(stud: number) {
      const again = studs.length === 1 && studs[0] === stud;
      setChosen({ of: lugCount, studs: studs.length === 1 && !again ? [...studs, stud] : [stud], fault: again });
    },
  };
}
