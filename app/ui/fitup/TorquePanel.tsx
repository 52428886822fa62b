import { useState } from 'react';
import { markOf } from '#core/instrument';
import { leftOfStage, nextTurn, stretched, type Corner, type TorqueRow } from '#core/fitting';
import { formatMeasure } from '#core/units';
import type { CornerTightening } from '#core/sheet';
import { Button } from '../controls/Button';
import { useDialog } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { Segments } from '../controls/Segments';
import { PulledWith, useShopWrench } from './PulledWith';
import { pull, unpull } from './fittingEdits';
import { StudCircle } from './StudCircle';
import { TorqueFaults } from './TorqueFaults';
import type { FittingInHand } from './useFittings';
import { useHand } from './useHand';
import { useTorque } from './useTorque';
import { WrenchPanel } from './WrenchPanel';
import './fitup.css';

interface TorquePanelProps {
  inHand: FittingInHand;
  corner: Corner;
  isClosed: boolean;
}

/** What is tightened at a corner, joint by joint: which fastener is next, at which stage, and what went wrong. */
export function TorquePanel({ inHand, corner, isClosed }: TorquePanelProps) {
  const own = inHand.tightenings.filter((one) => one.corner === corner);
  const [chosen, choose] = useState(0);
  const tightening = own[Math.min(chosen, own.length - 1)];
  if (!tightening)
    return (
      <section aria-label="Torque">
        <h2 className="label">Torque</h2>
        <p className="soft">
          Not known here: give the hub’s torque and number of fasteners at Hub, an adapter’s own at Setups.
        </p>
      </section>
    );
  return (
    <section aria-label="Torque">
      <h2 className="label">Torque</h2>
      {own.length > 1 && (
        <Segments<number>
          aria-label="Joint"
          options={own.map(({ joint }, at) => ({
            value: at,
            label:
              joint === 'wheel'
                ? 'Wheel'
                : own.filter((one) => one.joint === joint).length > 1
                  ? `Adapter ${at + 1}`
                  : 'Adapter',
          }))}
          value={own.indexOf(tightening)}
          onChange={choose}
        />
      )}
      <Joint key={tightening.step} {...{ inHand, corner, isClosed, tightening }} />
    </section>
  );
}

const NO_ROWS: readonly TorqueRow[] = [];

function Joint({
  inHand: { fitting },
  corner,
  isClosed,
  tightening,
}: TorquePanelProps & { tightening: CornerTightening }) {
  const { units: unit } = useLengths();
  const hand = useHand();
  const wrench = useDialog('wrench');
  const [chosen, choose] = useState<number | null>(null);
  const rows = fitting.corners[corner]?.torque ?? NO_ROWS;
  const shopWrench = useShopWrench();
  const shopInstrument = shopWrench.wrench ? markOf(shopWrench.wrench) : undefined;
  const torque = useTorque({ fitting, corner, tightening, chosen, with: shopInstrument, done: () => choose(null) });
  const due = nextTurn(tightening, rows);
  const { joint, stagesNm } = tightening;
  const own = rows.filter((row) => row.joint === joint);
  const text = (value: number) => formatMeasure({ quantity: 'torque', value, unit });
  const byHand = () => {
    if (!due) return;
    const takenAt = hand.now(fitting);
    hand.edit(
      pull(
        fitting,
        corner,
        leftOfStage(tightening, rows, due.stage).map((fastener) => ({
          joint,
          stage: due.stage,
          fastener,
          nm: due.nm,
          takenAt,
          tool: 'hand',
          ...(shopInstrument ? { shopInstrument } : {}),
        })),
      ),
    );
  };
  const overTorqued = stretched(tightening, rows);
  return (
    <>
      <ol className="stages" aria-label="Stages">
        {stagesNm.map((nm, at) => {
          const left = leftOfStage(tightening, rows, at + 1).length;
          const isDue = due?.stage === at + 1;
          return (
            <li key={at} aria-current={isDue ? 'step' : undefined} data-done={left === 0}>
              <span>{at > 0 && nm === stagesNm[at - 1] ? 'settled' : `stage ${at + 1}`}</span>
              <b className="figure">{text(nm)}</b>
              <small>{left === 0 ? 'done' : `${tightening.lugCount - left} of ${tightening.lugCount}`}</small>
            </li>
          );
        })}
      </ol>
      <StudCircle {...{ tightening, rows, due, chosen }} choose={isClosed ? null : choose} />
      <p className="torque-next" role="status">
        {due ? (
          <>
            Next: fastener <b className="figure">{due.fastener}</b> to <b className="figure">{text(due.nm)}</b>
          </>
        ) : (
          'Every stage is done.'
        )}
      </p>
      {overTorqued.length > 0 && (
        <p className="torque-fault is-fail" role="alert">
          Over-torqued: {overTorqued.length === 1 ? 'fastener' : 'fasteners'} {overTorqued.join(', ')}. Take it out and
          look at thread and seat; a stretched one is replaced.
        </p>
      )}
      {!isClosed && (
        <div className="torque-hands">
          <Button onClick={byHand} disabled={!due}>
            {due ? `Stage ${due.stage} is pulled by hand` : 'Pulled by hand'}
          </Button>
          <Button onClick={wrench.open}>Wrench …</Button>
          <Button kind="text" disabled={own.length === 0} onClick={() => hand.edit(unpull(fitting, corner, joint))}>
            Take back the last pull
          </Button>
        </div>
      )}
      <PulledWith {...shopWrench} rows={own} />
      <TorqueFaults tightening={tightening} rows={rows} />
      <p className="caution-note">
        A torque wrench gives its torque within ±4 % on clean, dry threads. The maker’s figure decides.
      </p>
      {wrench.isOpen && !isClosed && <WrenchPanel torque={torque} due={due} chosen={chosen} close={wrench.close} />}
    </>
  );
}
