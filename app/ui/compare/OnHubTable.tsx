import { type AxleReport, type Check, verdictWord } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { diameterFigure } from '#core/units';
import { useReports } from '../../job/ReportsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { valueFigure } from '../checkWords';
import { Ring } from '../parts/Ring';
import { checkColumn, CompareTable, rowOf, type Column } from './CompareTable';
import './compare.css';

const CODES = ['pattern', 'centring', 'fastening', 'seat', 'brake-spoke', 'brake-barrel'] as const;

/** Every setup at the hub: what bolts to what, and whether it holds. */
export function OnHubTable({ axle }: { axle: AxleName }) {
  const { setups } = useReports();
  const lengths = useLengths();
  const show = (check: Check) => (
    <span className="on-hub-cell">
      <Ring check={check} size={18} />
      <b className={`is-${check.verdict}`}>{verdictWord(check)}</b>
      <span className="figure">{check.value === null ? '' : valueFigure(check, lengths)}</span>
    </span>
  );
  const order: Column = {
    title: 'To order',
    key: 'order',
    render: ({ figures }) => <span className="figure">{toOrder(figures, lengths.text).join('; ') || '—'}</span>,
  };
  return (
    <CompareTable
      label="On the hub"
      title={`Wheel on hub, ${axle} axle: bore clearance and thread in ${lengths.sign}`}
      rows={setups.map(({ setup, report }) => rowOf(setup, report, axle))}
      columns={[...CODES.map((code) => checkColumn(code, show)), order]}
    />
  );
}

/** What a setup still needs at the hub: rings by their diameters, longer studs or bolts. */
function toOrder({ centring, fastening }: AxleReport, length: (mm: number) => string): string[] {
  const rings = centring.interfaces.flatMap(({ state, ring }) =>
    state === 'ring-needed' && ring ? [`ring ${diameterFigure(ring.outerMm)} / ${diameterFigure(ring.innerMm)}`] : [],
  );
  const [joint] = fastening.joints;
  const longer =
    joint?.verdict === 'fail' && joint.tooLongMm === 0 && fastening.requiredLengthMm !== null
      ? [`${joint.kind} ${length(fastening.standardLengthMm ?? fastening.requiredLengthMm)}`]
      : [];
  return [...rings, ...longer];
}
