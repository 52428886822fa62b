import { markOf, wasOverdue, type ShopInstrument } from '#core/instrument';
import { Button } from '../controls/Button';

/** How many instruments the shop has by name, whose calibration has run out, and the way to them. */
export function InstrumentsLink({ instruments }: { instruments: readonly ShopInstrument[] }) {
  const now = new Date().toISOString();
  const overdue = instruments.filter((one) => wasOverdue(markOf(one), now));
  return (
    <section>
      <h2>Instruments</h2>
      <p className="soft">
        {instruments.length === 0
          ? 'None by name yet: readings are as exact as their kind of tool usually is.'
          : `${instruments.length} by name.`}
      </p>
      {overdue.length > 0 && (
        <p className="is-fail">Calibration overdue: {overdue.map(({ name }) => name).join(', ')}.</p>
      )}
      <div className="field-wrap">
        <Button href="/instruments">Instruments</Button>
      </div>
    </section>
  );
}
