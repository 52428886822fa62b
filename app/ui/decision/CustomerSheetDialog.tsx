import { useState } from 'react';
import { decidedSetup, MOST_OPTIONS } from '#core/job';
import { capital } from '#core/text';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { useDocument, useSaves } from '../../job/DocumentContext';
import { useReports, type SetupOnTable } from '../../job/ReportsContext';
import { Dialog } from '../controls/Dialog';
import { PrinterOutlined } from '../controls/icons';
import { PaperSelect, type Paper } from '../parts/PaperSelect';
import { setupName } from './setupName';
import { standingOf } from './standingOf';
import './decision.css';

/** Setups that are worth showing: the one decided for, then those that do not fail, as many as stand side by side. */
function worthShowing(setups: readonly SetupOnTable[], decided: string | undefined): string[] {
  const worth = setups.filter(({ setup, report }) => setup.id === decided || report.verdict !== 'fail');
  const first = (worth.length > 0 ? worth : setups).toSorted(
    (one, other) => Number(other.setup.id === decided) - Number(one.setup.id === decided),
  );
  return first.slice(0, MOST_OPTIONS).map(({ setup }) => setup.id);
}

/** Chooses what a customer is shown side by side, and opens it as a paper. */
export function CustomerSheetDialog({ close }: { close(): void }) {
  const { id, job } = useDocument();
  const { setups } = useReports();
  const { state } = useSaves();
  const [shown, show] = useState(() => worthShowing(setups, decidedSetup(job)?.id));
  const [paper, setPaper] = useState<Paper>('a4');
  const isFull = shown.length >= MOST_OPTIONS;
  const isReady = shown.length > 0 && state.queue.length === 0;
  const query = new URLSearchParams({ setups: shown.join(','), paper });
  return (
    <Dialog
      title="Options for the customer"
      width={620}
      onCancel={close}
      footer={[
        <Button key="close" onClick={close}>
          Close
        </Button>,
        <Button
          key="open"
          kind="primary"
          icon={<PrinterOutlined />}
          disabled={!isReady}
          target="_blank"
          {...(isReady ? { href: `/jobs/${id}/customer.pdf?${query}` } : {})}
        >
          Open the PDF
        </Button>,
      ]}
    >
      <div className="dialog-form">
        <p>
          Up to three setups side by side, drawn to scale and told in plain words, with their cost and a line to sign. A
          picture that was taken of one at Stance is shown with it.
        </p>
        <fieldset className="customer-options">
          <legend className="label">Setups shown</legend>
          {setups.map((one) => {
            const { setup } = one;
            const isShown = shown.includes(setup.id);
            return (
              <Check
                key={setup.id}
                checked={isShown}
                disabled={!isShown && isFull}
                onChange={({ target }) =>
                  show(target.checked ? [...shown, setup.id] : shown.filter((other) => other !== setup.id))
                }
              >
                {setupName(setup, job.vehicle.flangeMm)} <span className="soft">{capital(standingOf(one))}</span>
              </Check>
            );
          })}
        </fieldset>
        <PaperSelect value={paper} choose={setPaper} />
        <p className="soft">
          Customer, plate and what was asked for are printed as the brief has them. Takes some seconds: every setup is
          judged anew, and modifications are looked for.
        </p>
      </div>
    </Dialog>
  );
}
