import { decidedSetup, type Setup } from '#core/job';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useDialog } from '../../job/useSight';
import { Moment } from '../parts/Moment';
import { ToStation } from '../parts/ToStation';
import { CustomerSheetDialog } from './CustomerSheetDialog';
import { DecisionDialog } from './DecisionDialog';
import { setupName } from './setupName';
import './decision.css';

/** Which setup goes on the car, with why; or that none is decided for yet. */
export function DecisionPanel() {
  const { job, edit } = useDocument();
  const dialog = useDialog('decide');
  const decided = decidedSetup(job);
  const { decision } = job;
  const name = (setup: Setup) => setupName(setup, job.vehicle.flangeMm);
  const sheet = useDialog('customer-sheet');
  const nameOf = (id: string): string => {
    const setup = job.setups.find((one) => one.id === id);
    return setup ? name(setup) : id.toUpperCase();
  };
  return (
    <section className="decision" aria-label="Decision">
      <h2 className="label">Decision</h2>
      {decided && decision ? (
        <>
          <p>
            <b>{name(decided)}</b> goes on the car
            {decision.why && `: ${decision.why}`}
            <span className="soft">
              {' '}
              <Moment at={decision.decidedAt} format="D MMM YYYY" />
              {decision.by && `, ${decision.by}`}
            </span>
          </p>
          {decision.against && (
            <ul className="decision-against">
              {decision.against.map(({ setup, why }) => (
                <li key={setup}>
                  Not {nameOf(setup)}: {why}
                </li>
              ))}
            </ul>
          )}
          <div className="decision-tools">
            <Button onClick={dialog.open}>Decide anew …</Button>
            <Button onClick={() => edit({ op: 'clear', path: ['decision'] })}>Leave it open</Button>
            <Button onClick={sheet.open}>Options for the customer …</Button>
            <ToStation station="fit-up">On to its fit-up</ToStation>
          </div>
        </>
      ) : (
        <div className="decision-tools">
          <Button kind="primary" onClick={dialog.open}>
            Decide which goes on …
          </Button>
          <Button onClick={sheet.open}>Options for the customer …</Button>
        </div>
      )}
      {dialog.isOpen && <DecisionDialog close={dialog.close} />}
      {sheet.isOpen && <CustomerSheetDialog close={sheet.close} />}
    </section>
  );
}
