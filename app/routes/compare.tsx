import { useMemo } from 'react';
import { useDocument } from '../job/DocumentContext';
import { useReports } from '../job/ReportsContext';
import { useSelection } from '../job/SelectionContext';
import { useRaised } from '../job/useRaised';
import { useSight } from '../job/useSight';
import { Differences } from '../ui/compare/Differences';
import { OnHubTable } from '../ui/compare/OnHubTable';
import { OnRoadTable } from '../ui/compare/OnRoadTable';
import { DecisionPanel } from '../ui/decision/DecisionPanel';
import { Ladder } from '../ui/ladder/Ladder';
import { orderedRungs, ORDER_NAMES, RUNG_ORDERS, type Rung, type RungOrder } from '../ui/ladder/rungs';
import { AxleSwitch } from '../ui/parts/AxleSwitch';
import { WordSwitch } from '../ui/parts/WordSwitch';
import { ToStation } from '../ui/parts/ToStation';
import '../ui/compare/compare.css';

/** Candidates side by side and against the present car: on one lateral scale, and in a table of differences. */
export default function ComparePage() {
  const { job } = useDocument();
  const { setups, present } = useReports();
  const raised = useRaised();
  const { axle, raise } = useSelection();
  const [order, setOrder] = useSight<RungOrder>('by', RUNG_ORDERS);
  const rungs = useMemo<Rung[]>(
    () => [
      { id: 'now', setup: null, report: present },
      ...setups.map(({ setup, report }) => ({ id: setup.id, setup, report })),
    ],
    [setups, present],
  );
  return (
    <div className="compare">
      <header className="sheet-head">
        <h1>
          {axle === 'front' ? 'Front' : 'Rear'} axle, every setup on one scale{' '}
          <span className="soft">left: inner clearance, right: poke</span>
        </h1>
        {setups.length > 1 && (
          <WordSwitch<RungOrder>
            label="Sorted by"
            tip="What the setups are sorted by"
            options={ORDER_NAMES}
            value={order}
            choose={setOrder}
          />
        )}
        <AxleSwitch />
      </header>
      <Ladder
        job={job}
        axle={axle}
        rungs={orderedRungs(rungs, order, axle)}
        current={raised?.id ?? null}
        raise={raise}
      />
      {setups.length === 0 ? (
        <p className="empty-line">
          No setup yet. <ToStation station="setups">Build the first one</ToStation>; it shows here beside the present
          car.
        </p>
      ) : (
        <>
          <DecisionPanel />
          <Differences rungs={rungs} axle={axle} />
          <OnHubTable axle={axle} />
          <OnRoadTable axle={axle} />
        </>
      )}
    </div>
  );
}
