import { Link } from 'react-router';
import { limitedBy, verdictWord, type SetupReport } from '#core/evaluate';
import { AXLES, type AxleName, type Setup } from '#core/job';
import { formatNumber, offsetFigure } from '#core/units';
import { useSelection } from '../../job/SelectionContext';
import { useIsStale } from '../../job/SweepsContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { checkName, marginText } from '../checkWords';
import { costText } from '#core/cost';
import { chanceText, contactChance, strainOf, type Rung } from '../ladder/rungs';
import { figureColumn } from '../parts/figureColumn';
import { Ring } from '../parts/Ring';
import { faceText, LENGTH_WORDS } from '../words';
import { CompareTable, rowOf, type Column, type Row } from './CompareTable';
import '../parts/swept.css';
import './compare.css';

/** Every setup against the present car, figure by figure. */
export function Differences({ rungs, axle }: { rungs: readonly Rung[]; axle: AxleName }) {
  const lengths = useLengths();
  const length = (value: number) => lengths.figure(value);
  const change = (value: number) => lengths.figure(value, true);
  const columns = [
    figureColumn<Row>(
      'Poke',
      ({ pokeMm }) => pokeMm,
      (value) => faceText(value, lengths),
    ),
    figureColumn<Row>('Inner clearance', ({ inboardGapMm }) => inboardGapMm, length),
    figureColumn<Row>('Fender clearance', ({ archGapMm }) => archGapMm, length),
    figureColumn<Row>('ETe, mm', ({ effectiveOffsetMm }) => effectiveOffsetMm, offsetFigure),
    figureColumn<Row>('Outer face', ({ outerChangeMm }) => outerChangeMm, change),
    figureColumn<Row>('Inner face', ({ innerChangeMm }) => innerChangeMm, change),
    figureColumn<Row>('Track', ({ trackChangeMm }) => trackChangeMm, change),
    figureColumn<Row>(
      '⌀, %',
      ({ diameterChangePct }) => diameterChangePct,
      (value) => formatNumber(value, 1, true),
    ),
    useHeldColumn(),
    SURE,
    COST,
  ];
  return (
    <CompareTable
      label="Differences"
      title={`Differences, ${axle} axle, lengths in ${LENGTH_WORDS[lengths.sign]}; changes are against the present car`}
      rows={rungs.map(({ setup, report }) => rowOf(setup, report, axle))}
      columns={columns}
    />
  );
}

/** The likeliest contact of each setup, by the ± of its clearances. */
const SURE: Column = {
  title: 'Contact',
  key: 'sure',
  align: 'right',
  sorter: (one, other) => (contactChance(one.report) ?? -1) - (contactChance(other.report) ?? -1),
  render: ({ report }) => {
    const chance = contactChance(report);
    return <span className="figure">{chance === null ? '—' : chanceText(chance)}</span>;
  },
};

/** What each setup costs, sorted by it; what has no price yet comes first. */
const COST: Column = {
  title: 'Cost',
  key: 'cost',
  align: 'right',
  sorter: (one, other) => (one.report.cost.total ?? -1) - (other.report.cost.total ?? -1),
  render: ({ setup, report }) => (setup ? <CostCell setup={setup} report={report} /> : null),
};

/** The cost of a setup leads to its lines. */
function CostCell({ setup, report }: { setup: Setup; report: SetupReport }) {
  const { addressOf } = useSelection();
  return (
    <Link className="figure" to={addressOf('setups', { setup: setup.id, view: 'cost' })}>
      {costText(report.cost)}
    </Link>
  );
}

/** What holds each setup, and by how much. */
function useHeldColumn(): Column {
  const lengths = useLengths();
  const staleOf = useIsStale();
  const isStale = (setup: Setup) => AXLES.some((one) => staleOf(setup, one));
  return {
    title: 'Limited by',
    key: 'held',
    sorter: (one, other) => strainOf(one.report) - strainOf(other.report),
    render: ({ setup, report }) => {
      const held = setup && limitedBy(report);
      if (!held) return <span className="soft">—</span>;
      return (
        <span className="held-cell may-be-stale" data-stale={isStale(setup)}>
          <Ring check={held} size={18} />
          <span>
            <b className={`is-${held.verdict}`}>{verdictWord(held)}</b>: {checkName(held)}, {marginText(held, lengths)}
          </span>
        </span>
      );
    },
  };
}
