import { useId, useState } from 'react';
import { setupTitle, type Decision } from '#core/job';
import { capital } from '#core/text';
import { Input } from '../controls/Input';
import { Check } from '../controls/Check';
import { useDocument } from '../../job/DocumentContext';
import { useReports } from '../../job/ReportsContext';
import { useRaised } from '../../job/useRaised';
import { usePreferences } from '../../preferences/PreferencesContext';
import { Dialog } from '../controls/Dialog';
import { standingOf } from './standingOf';
import './decision.css';

/** Decides for one setup, with why it and why not the others. */
export function DecisionDialog({ close }: { close(): void }) {
  const { job, edit } = useDocument();
  const { setups } = useReports();
  const raised = useRaised();
  const { initials: by } = usePreferences();
  const names = useId();
  const [chosen, choose] = useState(job.decision?.setup ?? raised?.id ?? '');
  const [why, setWhy] = useState(job.decision?.why ?? '');
  const [against, setAgainst] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries((job.decision?.against ?? []).map((one) => [one.setup, one.why])),
  );
  const decide = () => {
    const others = job.setups.flatMap(({ id }) => {
      const words = against[id]?.trim();
      return id === chosen || !words ? [] : [{ setup: id, why: words }];
    });
    const value: Decision = {
      setup: chosen,
      decidedAt: new Date().toISOString(),
      ...(by ? { by } : {}),
      ...(why.trim() ? { why: why.trim() } : {}),
      ...(others.length > 0 ? { against: others } : {}),
    };
    edit({ op: 'set', path: ['decision'], value });
    close();
  };
  return (
    <Dialog title="Decide which goes on" width={620} onCancel={close} onOk={decide} okText="Decide">
      <div className="dialog-form" role="radiogroup" aria-label="Setup">
        {setups.map((one) => {
          const { setup } = one;
          const isChosen = setup.id === chosen;
          const id = `${names}-${setup.id}`;
          return (
            <div key={setup.id} className="decision-choice" data-chosen={isChosen}>
              <Check type="radio" checked={isChosen} name={names} onChange={() => choose(setup.id)}>
                <b className="figure">{setup.id.toUpperCase()}</b> {setupTitle(setup, job.vehicle.flangeMm)}
              </Check>
              <span className="soft">{capital(standingOf(one))}</span>
              <label className="label" htmlFor={id}>
                {isChosen ? 'Why this one' : 'Why not'}
              </label>
              <Input
                id={id}
                maxLength={isChosen ? 1000 : 400}
                value={isChosen ? why : (against[setup.id] ?? '')}
                onChange={({ target }) =>
                  isChosen ? setWhy(target.value) : setAgainst({ ...against, [setup.id]: target.value })
                }
              />
            </div>
          );
        })}
      </div>
    </Dialog>
  );
}
