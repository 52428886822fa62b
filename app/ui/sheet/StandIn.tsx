import { Body, Wheel } from './layers';
import type { CornerSection } from '#core/evaluate';
import type { SheetScale } from './scale';

interface StandInProps {
  scale: SheetScale;
  read: CornerSection;
  usual: CornerSection;
}

/** What nobody has read of a corner yet, as it is usually, in pale: it says where the rule goes, and no figure. */
export function StandIn({ scale, read, usual }: StandInProps) {
  const { fenderOut, innerPartOut, lipUp } = read;
  const missing: CornerSection = {
    ...usual,
    fenderOut: fenderOut === null || lipUp === null ? usual.fenderOut : null,
    innerPartOut: innerPartOut === null ? usual.innerPartOut : null,
  };
  return (
    <g className="stand-in">
      <Body scale={scale} corner={missing} riseMm={0} target={{ min: null, max: null }} inboardLimitMm={0} />
      {read.present.section === null && <Wheel drawn={usual.present} scale={scale} as="ghost" />}
    </g>
  );
}
