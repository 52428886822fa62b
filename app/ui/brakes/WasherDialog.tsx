import { useState } from 'react';
import { spacerFromWashersMm, usualSpacerMm } from '#core/brake';
import { hardwareOf, type BrakeCase, verdictWord } from '#core/evaluate';
import type { AxleName, SetupAxle } from '#core/job';
import { formatNumber } from '#core/units';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { NumberField } from '../fields/NumberField';
import { Thinnest } from './Thinnest';
import { setupOf, type Subject } from './subjects';

interface WasherDialogProps {
  axle: AxleName;
  subject: Subject | null;
  one: BrakeCase;
  close(): void;
}

/**
 * From a stack of washers that just let the wheel turn to the spacer to order, and whether the fasteners still hold
 * behind it.
 */
export function WasherDialog({ axle, subject, one, close }: WasherDialogProps) {
  const { job } = useDocument();
  const lengths = useLengths();
  const [count, setCount] = useState<number | null>(null);
  const [washerMm, setWasherMm] = useState<number | null>(null);
  const [clearanceMm, setClearanceMm] = useState<number | null>(one.spokeLimit.value);
  const neededMm =
    count === null || washerMm === null || clearanceMm === null
      ? null
      : spacerFromWashersMm(count, washerMm, clearanceMm);
  const soldMm = neededMm === null ? null : usualSpacerMm(neededMm);
  const setup = subject && setupOf(subject, job);
  const candidate: SetupAxle = setup?.[axle] ?? { wheel: subject?.wheel };
  return (
    <Dialog onCancel={close} onOk={close} okText="Done" onlyOk title={`Washer trial, ${axle}`} width={540}>
      <div className="dialog-form">
        <p>
          The same washers on every stud, the wheel held on by hand-tight nuts, turned by hand. Add washers until it
          just turns free: that is contact, not yet clearance. Never lower the car on them.
        </p>
        <div className="field-wrap">
          <NumberField
            name={`washers/${axle}/count`}
            value={count}
            commit={setCount}
            label="Washers on each stud"
            range="washerCount"
            whole
            width={4}
          />
          <LengthField
            name={`washers/${axle}/washer`}
            value={washerMm}
            commit={setWasherMm}
            label="Thickness of one"
            range="washerMm"
            width={6}
          />
          <LengthField
            name={`washers/${axle}/clearance`}
            value={clearanceMm}
            commit={setClearanceMm}
            label="Clearance on top"
            range="limitMm"
            width={6}
          />
        </div>
        {neededMm === null ? (
          <p className="soft">The spacer to order follows from count, thickness and clearance.</p>
        ) : (
          <div className="advice" aria-live="polite">
            <p>
              <span className="figure">
                {count} × {lengths.figure(washerMm!)} + {lengths.figure(clearanceMm!)} = <b>{lengths.text(neededMm)}</b>
              </span>{' '}
              between hub and wheel, in total
            </p>
            <p>
              Sold as:{' '}
              <b className="figure">{soldMm === null ? 'no common spacer is that thick' : lengths.text(soldMm)}</b>
            </p>
            {soldMm !== null && <Engagement axle={axle} candidate={candidate} spacerMm={soldMm} />}
            {setup && <Thinnest axle={axle} setup={setup} leastMm={neededMm} />}
          </div>
        )}
      </div>
    </Dialog>
  );
}

/** Whether studs or bolts still hold behind a spacer, and what does. */
function Engagement({ axle, candidate, spacerMm }: { axle: AxleName; candidate: SetupAxle; spacerMm: number }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const hub = job.vehicle[axle]?.hub ?? {};
  const stack = [
    { kind: 'slip-on' as const, thicknessMm: spacerMm },
    ...(candidate.stack ?? []).filter(({ kind }) => kind === 'ring'),
  ];
  const { fastening } = hardwareOf(hub, { ...candidate, stack }, job);
  const { engagementMm, turns, verdict, requiredLengthMm, standardLengthMm, joints } = fastening;
  const kind = joints[0]!.kind;
  return (
    <p>
      Behind it the {kind}s{' '}
      {engagementMm === null ? (
        'cannot be judged: length, thread and pad are needed'
      ) : (
        <>
          engage <b className="figure">{lengths.text(engagementMm)}</b>
          {turns !== null && `, ${formatNumber(turns, 1)} turns`}:{' '}
          <b className={`is-${verdict}`}>{verdictWord({ code: 'fastening', verdict })}</b>
        </>
      )}
      {verdict === 'fail' && requiredLengthMm !== null && (
        <>
          ; a {kind} of {lengths.text(standardLengthMm ?? requiredLengthMm)} does
        </>
      )}
      .
    </p>
  );
}
