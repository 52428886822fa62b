import type { PullFault, Turn } from '#core/fitting';
import { formatMeasure, type UnitChoice } from '#core/units';

/** What is wrong with a pull, as it is said at the wheel. */
export function pullFaultText(fault: PullFault, { fastener, nm }: Turn, unit: UnitChoice): string {
  const text = (value: number) => formatMeasure({ quantity: 'torque', value, unit });
  switch (fault.kind) {
    case 'stretched':
      return `Fastener ${fastener}: ${text(nm)} is over ${text(fault.stageNm)} by more than 10 %. Look at it.`;
    case 'over':
      return `Fastener ${fastener}: ${text(nm)} is over the stage of ${text(fault.stageNm)}.`;
    case 'under':
      return `Fastener ${fastener}: ${text(nm)} is short of ${text(fault.stageNm)}. Pull again.`;
    case 'stage':
      return `Stage ${fault.dueStage} is not done: ${fault.left} to go.`;
    case 'order':
      return `Out of order: fastener ${fault.dueFastener} was next.`;
  }
}
