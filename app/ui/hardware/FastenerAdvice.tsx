import type { AxleReport } from '#core/evaluate';
import type { AxleName, Setup } from '#core/job';
import { itemName, shortestOnShelf } from '#core/shelf';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useShelf } from '../../job/ShelfContext';
import { useLengths } from '../../preferences/PreferencesContext';

/** What length the studs or bolts must have, the next standard one, and the shortest on the shelf that holds. */
export function FastenerAdvice({ setup, axle, report }: { setup: Setup; axle: AxleName; report: AxleReport }) {
  const { job, edit } = useDocument();
  const shelf = useShelf();
  const lengths = useLengths();
  const { fastening } = report;
  const [joint] = fastening.joints;
  const { requiredLengthMm: required, standardLengthMm: standard } = fastening;
  if (!joint || required === null) return null;
  const hub = job.vehicle[axle]?.hub?.fastener;
  const candidate = setup[axle] ?? {};
  const item =
    joint.verdict === 'fail'
      ? shortestOnShelf(shelf, {
          form: joint.kind,
          thread: hub?.thread,
          seat: candidate.wheel?.seat ?? null,
          leastMm: required,
          mostMm: fastening.longestLengthMm ?? Infinity,
        })
      : null;
  const use = () =>
    edit({
      op: 'set',
      path: ['setups', setup.id, axle, 'fastener'],
      value: { ...candidate.fastener, lengthMm: item!.lengthMm, ...(item!.seat ? { seat: item!.seat } : {}) },
    });
  return (
    <div className={`advice ${joint.verdict === 'fail' ? 'is-short' : ''}`} aria-live="polite">
      <p>
        {joint.kind === 'bolt' ? 'Bolts' : 'Studs'} of <b className="figure">{lengths.text(required)}</b> or more
        {standard !== null && (
          <>
            , next standard length <b className="figure">{lengths.text(standard)}</b>
          </>
        )}
        {joint.lengthMm !== null && (
          <span className="soft">
            {' '}
            ({lengths.figure(joint.lengthMm)} now{joint.tooLongMm > 0 ? ', too long' : ''})
          </span>
        )}
      </p>
      {item && (
        <p>
          Shortest on the shelf that holds: <b>{itemName(item)}</b>{' '}
          <Button size="small" onClick={use}>
            Use it
          </Button>
        </p>
      )}
      {fastening.trimMm !== null && (
        <p className="soft">
          Studs stick out {lengths.text(fastening.studProudMm)}: trim {lengths.text(fastening.trimMm)}, or adapter{' '}
          {lengths.text(fastening.thinnestAdapterMm)} or more.
        </p>
      )}
    </div>
  );
}
