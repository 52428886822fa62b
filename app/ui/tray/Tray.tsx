import { CopyOutlined, DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { useEffect, useRef } from 'react';
import { heldBy } from '#core/evaluate';
import { offsetFigure } from '#core/units';
import { verdictWord } from '#core/verdict';
import { useJob } from '../../job/JobContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { Ring } from '../parts/Ring';
import { checkName, faceText, setupTitle, stackLine, tireLine } from '../words';
import type { SetupActions } from './useSetupActions';
import './tray.css';

/** The setups, always in sight, the current one raised. */
export function Tray({ actions }: { actions: SetupActions }) {
  const { job, setups, current, axle, raise } = useJob();
  const lengths = useLengths();
  const raised = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // Newer browsers answer with a promise, which must not become the effect's clean-up.
    void raised.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current?.id]);
  return (
    <section className="tray" aria-label="Setups">
      <ul>
        {setups.map(({ setup, report }) => {
          const held = heldBy(report);
          const figures = report[axle];
          const isCurrent = setup.id === current?.id;
          return (
            <li key={setup.id}>
              <button
                type="button"
                className={`tray-card ${isCurrent ? 'tray-raised' : ''}`}
                aria-pressed={isCurrent}
                ref={isCurrent ? raised : undefined}
                onClick={() => raise(setup.id)}
              >
                <span className="tray-title">
                  <Ring check={held} />
                  <b className="figure">{setup.id.toUpperCase()}</b>
                  <span className="tray-name">{setupTitle(setup, job.vehicle.flangeMm)}</span>
                </span>
                <span className="tray-line figure">{tireLine(setup[axle])}</span>
                <span className="tray-line figure">{stackLine(setup[axle], lengths)}</span>
                <span className="tray-figures">
                  <span>{faceText(figures.pokeMm, lengths)}</span>
                  <span>inner {lengths.figure(figures.inboardGapMm)}</span>
                  <span>ETe {figures.effectiveOffsetMm === null ? '—' : offsetFigure(figures.effectiveOffsetMm)}</span>
                </span>
                <span className={`tray-held is-${held?.verdict ?? 'unknown'}`}>
                  {held ? `${verdictWord(held)}: ${checkName(held)}` : 'not known'}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <div className="tray-tools">
        <Tooltip title="New setup from what is on the car (N)">
          <Button icon={<PlusOutlined />} onClick={actions.add}>
            New
          </Button>
        </Tooltip>
        <Tooltip title="Double this setup (D)">
          <Button icon={<CopyOutlined />} disabled={!current} onClick={actions.double}>
            Double
          </Button>
        </Tooltip>
        <Tooltip title="Remove this setup; undo brings it back">
          <Button icon={<DeleteOutlined />} disabled={!current} onClick={actions.remove}>
            Remove
          </Button>
        </Tooltip>
        <p className="soft tray-keys">
          <kbd>[</kbd> <kbd>]</kbd> offset 1 <kbd>-</kbd> <kbd>=</kbd> stack 1<br />
          <kbd>J</kbd> <kbd>K</kbd> setup <kbd>W</kbd> working
        </p>
      </div>
    </section>
  );
}
