import { fitCandidate, FITS, wheelSection } from '#core/evaluate';
import type { FindRow } from '#core/find';
import { moneyText } from '#core/cost';
import type { AxleName } from '#core/job';
import { itemName } from '#core/shelf';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { costText } from '#core/cost';
import { anchors } from '../sheet/anchors';
import { Dimension } from '../sheet/Dimension';
import { SectionSheet } from '../sheet/SectionSheet';
import { faceText } from '../words';
import '../parts/partsTable.css';
import './find.css';

/** A find in its room, before the wheel that is on the car. */
export function FindSection({ row, axle, make }: { row: FindRow; axle: AxleName; make(): void }) {
  const { job } = useDocument();
  const lengths = useLengths();
  const { setup } = row;
  const subject = wheelSection(fitCandidate(job.vehicle, axle, setup[axle]));
  return (
    <section className="find-section" aria-label="Section">
      <header>
        <p>
          <b>{itemName(row.wheel)}</b> <span className="soft">{itemName(row.tire)}</span>
        </p>
        <Button size="small" kind="primary" onClick={make}>
          Make a setup (N)
        </Button>
      </header>
      <SectionSheet
        job={job}
        axle={axle}
        subject={subject}
        subjectIs="candidate"
        change={setup.suspensionChange?.[axle]}
        description={
          `Section of ${itemName(row.wheel)} with ${itemName(row.tire)}, ${row.axle} axle: poke` +
          ` ${faceText(row.pokeMm, lengths)}, inner clearance ${lengths.text(row.inboardGapMm)}`
        }
        dimensions={(scale, corner) => {
          const a = anchors({ scale, corner, subject, archGapMm: null });
          return (
            <>
              {a.inner && <Dimension from={a.inner.from} to={a.inner.to} />}
              {a.outer && <Dimension from={a.outer.from} to={a.outer.to} />}
            </>
          );
        }}
        slots={() => ({})}
        figures={{}}
        fields={{}}
        list={null}
        asList
      />
      <MadeOf row={row} />
    </section>
  );
}

/** What a find is made of, piece by piece, and what limits it. */
function MadeOf({ row }: { row: FindRow }) {
  const { cost, limitedBy, verdict } = row;
  const parts = [row.wheel, row.tire, ...row.stack, ...(row.fastener ? [row.fastener] : [])];
  return (
    <div className="find-made" tabIndex={0} role="region" aria-label="Made of">
      <table className="parts-table">
        <tbody>
          {parts.map((item) => (
            <tr key={`${item.kind} ${itemName(item)}`}>
              <th scope="row">{itemName(item)}</th>
              <td className="figure">{item.priceEach == null ? '—' : moneyText(item.priceEach, cost.currency)}</td>
            </tr>
          ))}
          <tr>
            <th scope="row">all of it, with the work</th>
            <td className="figure">{costText(cost)}</td>
          </tr>
        </tbody>
      </table>
      <p className="soft">
        {FITS[verdict]}
        {limitedBy && `: ${limitedBy.label}`}
      </p>
    </div>
  );
}
