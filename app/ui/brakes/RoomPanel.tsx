import { brakeRadiusMm, smallestRim } from '#core/brake';
import { type BrakeCase, usedShare, verdictWord, type Check } from '#core/evaluate';
import type { AxleName } from '#core/job';
import { rimFigure } from '#core/units';
import { Button } from '../controls/Button';
import { Slider } from '../controls/Slider';
import { useDocument } from '../../job/DocumentContext';
import { useDialog } from '../../job/useSight';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { RingMark } from '../parts/Ring';
import { setupOf, type Subject } from './subjects';
import { Thinnest } from './Thinnest';
import { WasherDialog } from './WasherDialog';
import './brakes.css';
import '../parts/judgedRow.css';

interface RoomPanelProps {
  axle: AxleName;
  subject: Subject | null;
  one: BrakeCase;
  checks: readonly Check[];
  /** Thickness of the subject's own stack. */
  ownMm: number | null;
  /** Thickness on trial, null while the own one counts. */
  trialMm: number | null;
  setTrialMm(mm: number | null): void;
  mostMm: number;
}

/** The distances, the stack moved by hand, what clears, the thinnest spacer that does it, and the smallest rim. */
export function RoomPanel({ axle, subject, one, checks, ownMm, trialMm, setTrialMm, mostMm }: RoomPanelProps) {
  const lengths = useLengths();
  const washers = useDialog('washers');
  const shown = trialMm ?? ownMm;
  return (
    <>
      <section aria-label="Distances">
        <h2 className="label">Distances{trialMm === null ? '' : ', trial stack'}</h2>
        {checks.map((check) => (
          <details key={check.code} className="brake-row" data-row={check.code}>
            <summary>
              <RingMark verdict={check.verdict} used={usedShare(check)} word={verdictWord(check)} />
              <span className="judged-text">
                <span className="judged-label">{check.label}</span>
                <span className="judged-note">
                  {verdictWord(check)} · limit {lengths.figure(check.limit)}
                </span>
              </span>
              <span className={`figure is-${check.verdict}`}>{lengths.text(check.value)}</span>
            </summary>
            <div className="judged-working figure">
              {check.working.map((line) => (
                <p key={line}>{line}</p>
              ))}
            </div>
          </details>
        ))}
      </section>
      <section aria-label="Stack" className="brake-stack-tools">
        <h2 className="label">Stack behind the wheel</h2>
        <div className="field-wrap">
          <LengthField
            name={`brake-trial/${axle}`}
            value={shown}
            commit={setTrialMm}
            label={trialMm === null ? 'As it is' : 'On trial'}
            range="stackMm"
            width={6}
          />
          {trialMm !== null && (
            <Button size="small" onClick={() => setTrialMm(null)}>
              As built: {lengths.text(ownMm)}
            </Button>
          )}
        </div>
        <Slider min={0} max={mostMm} step={0.5} value={shown ?? 0} onChange={setTrialMm} label="Trial stack, mm" />
        <ToClear axle={axle} subject={subject} one={one} setTrialMm={setTrialMm} />
        <div>
          <Button size="small" onClick={washers.open}>
            Washer trial …
          </Button>
        </div>
      </section>
      <SmallestRim axle={axle} limitMm={one.barrelLimit.value} />
      {washers.isOpen && <WasherDialog axle={axle} subject={subject} one={one} close={washers.close} />}
    </>
  );
}

/** From what stack on the brake clears, and the thinnest spacer kept that does it. */
function ToClear({ axle, subject, one, setTrialMm }: Pick<RoomPanelProps, 'axle' | 'subject' | 'one' | 'setTrialMm'>) {
  const { job } = useDocument();
  const lengths = useLengths();
  const { stackToClearMm } = one.report;
  if (!one.room) return null;
  if (stackToClearMm === null)
    return (
      <p className="brake-verdict is-fail">No stack makes it clear: the barrel, or a weight on it, is in the way.</p>
    );
  const setup = subject && setupOf(subject, job);
  return (
    <>
      <p>
        Clears with a stack of <b className="figure">{lengths.text(stackToClearMm)}</b> or more
        {stackToClearMm === 0 ? ': none is needed.' : '.'}{' '}
        {stackToClearMm > 0 && (
          <Button size="small" kind="text" onClick={() => setTrialMm(stackToClearMm)}>
            Try it
          </Button>
        )}
      </p>
      {stackToClearMm > 0 && setup && <Thinnest axle={axle} setup={setup} leastMm={stackToClearMm} />}
    </>
  );
}

/** The least rim diameter that can go over the brake. */
function SmallestRim({ axle, limitMm }: { axle: AxleName; limitMm: number }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const caliper = job.vehicle[axle]?.caliper;
  const radius = brakeRadiusMm(caliper?.outline, caliper?.rotorDiameterMm ?? null);
  const found = radius && smallestRim(radius, limitMm);
  const rim = (inches: number | null) => (inches === null ? 'none' : `${rimFigure(inches)} in`);
  return (
    <section aria-label="Smallest rim">
      <h2 className="label">Smallest rim that can work</h2>
      {found ? (
        <>
          <dl className="brake-rims">
            <dt>brake beside the drop center</dt>
            <dd className="figure">{rim(found.besideDropIn)}</dd>
            <dt>brake under the drop center</dt>
            <dd className="figure">{rim(found.underDropIn)}</dd>
          </dl>
          <p className="soft">
            The brake reaches {lengths.text(found.brakeRadiusMm)} from the axis
            {found.assumed && (
              <>
                {' '}
                (<em className="assumed">assumed</em>: rotor and a usual bridge)
              </>
            )}
            . Wall 6 mm and drop center 18 mm are <em className="assumed">assumed</em>; a measured barrel decides.
          </p>
        </>
      ) : (
        <p className="soft">Needs the brake&apos;s outline, or its rotor diameter.</p>
      )}
    </section>
  );
}
