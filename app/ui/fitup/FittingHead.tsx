import dayjs from 'dayjs';
import { useId, type ReactNode } from 'react';
import type { Fitting } from '#core/fitting';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { useDocument } from '../../job/DocumentContext';
import { useDialog } from '../../job/useSight';
import { useLengths, usePreferences } from '../../preferences/PreferencesContext';
import { MOST_INITIALS } from '../../preferences/preferences';
import { TextField } from '../fields/TextField';
import { PlusOutlined, PrinterOutlined } from '../controls/icons';
import { Moment } from '../parts/Moment';
import { useEditAt } from '../parts/useEditAt';
import { useOnClient } from '../controls/useOnClient';
import { CloseDialog } from './CloseDialog';
import { OdometerField } from './OdometerField';
import { RetorqueLine } from './RetorqueLine';
import type { FittingInHand } from './useFittings';
import { useIsBefore } from './useHand';
import './fitup.css';

interface FittingHeadProps {
  fittings: readonly Fitting[];
  inHand: FittingInHand;
  take(id: string): void;
  begin(): void;
  /** What else is shown of it. */
  views: ReactNode;
}

/** Which fitting it is, how it stands, who works at it, and its end. */
export function FittingHead({ fittings, inHand, take, begin, views }: FittingHeadProps) {
  const { fitting } = inHand;
  const { id: jobId, edit } = useDocument();
  const lengths = useLengths();
  const editAt = useEditAt();
  const { initials, choose } = usePreferences();
  const close = useDialog('close');
  const id = useId();
  const isLate = useIsBefore(fitting.finishedAt ? undefined : fitting.startedAt);
  const nameOf = useNames();
  const startNow = () => editAt(['fittings', fitting.id, 'startedAt'], new Date().toISOString());
  const reopen = () => edit({ op: 'clear', path: ['fittings', fitting.id, 'finishedAt'] });
  return (
    <header className="fitup-head">
      <div className="fitup-title">
        <h1>Fit-up</h1>
        <label className="visually-hidden" htmlFor={id}>
          Fitting
        </label>
        <Choice<string>
          id={id}
          value={fitting.id}
          onChange={take}
          options={fittings.toReversed().map((one) => ({ value: one.id, label: nameOf(one) }))}
        />
        {views}
        <Button icon={<PlusOutlined />} onClick={begin}>
          New fitting
        </Button>
        <Button
          icon={<PrinterOutlined />}
          target="_blank"
          href={`/jobs/${jobId}/job-sheet.pdf?fitting=${fitting.id}&paper=${lengths.sign === 'mm' ? 'a4' : 'letter'}`}
        >
          On paper
        </Button>
      </div>
      <div className="field-wrap fitup-fields">
        <OdometerField
          name={`fitting/${fitting.id}`}
          value={fitting.odometerKm ?? null}
          commit={(km) => editAt(['fittings', fitting.id, 'odometerKm'], km)}
        />
        <TextField
          name="fitting/initials"
          label="Done by"
          width={8}
          most={MOST_INITIALS}
          placeholder="initials"
          value={initials || null}
          commit={(text) => choose({ initials: text ?? '' })}
        />
        <TextField
          name={`fitting/${fitting.id}/note`}
          label="Note"
          width={22}
          most={4000}
          value={fitting.note ?? null}
          commit={(text) => editAt(['fittings', fitting.id, 'note'], text)}
        />
        {fitting.finishedAt ? (
          <Button onClick={reopen}>Reopen</Button>
        ) : (
          <Button kind="primary" onClick={close.open}>
            Close the fitting …
          </Button>
        )}
      </div>
      {fitting.finishedAt && (
        <p className="fitup-closed">
          Closed <Moment at={fitting.finishedAt} />
          {fitting.outcome ? `: ${fitting.outcome}` : ''}
          {fitting.why ? ` (${fitting.why})` : ''}. Reopen it to change a step or a reading.
        </p>
      )}
      <RetorqueLine fitting={fitting} />
      {isLate && (
        <div className="retorque">
          <p role="status">
            Booked for <Moment at={fitting.startedAt} />. If that has passed, this device’s clock is behind: until then
            steps are kept with that time.
          </p>
          <Button onClick={startNow}>Start now</Button>
        </div>
      )}
      {close.isOpen && <CloseDialog inHand={inHand} close={close.close} />}
    </header>
  );
}

/** A fitting's name in the list: its kind, its day, and whether it is under way. */
function useNames(): (fitting: Fitting) => string {
  const isLocal = useOnClient<boolean>(() => true, false);
  return ({ kind, startedAt, finishedAt, outcome }) => {
    const day = isLocal ? dayjs(startedAt).format('D MMM YYYY') : startedAt.slice(0, 10);
    return `${day}, ${kind}, ${finishedAt ? (outcome ?? 'closed') : 'under way'}`;
  };
}
