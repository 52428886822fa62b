import { useState } from 'react';
import { DomainError } from '#core/errors';
import type { AxleName } from '#core/job';
import { CHECK_MM, printProof, WAYS, type PrintScale, type Way } from '#core/print';
import { formatNumber, readLength, roundTo } from '#core/units';
import { Button } from '../controls/Button';
import { PrinterOutlined } from '../controls/icons';
import { Dialog } from '../controls/Dialog';
import { useDocument, useSaves } from '../../job/DocumentContext';
import { useLengths } from '../../preferences/PreferencesContext';
import { LengthField } from '../fields/LengthField';
import { TypedInput } from '../fields/TypedInput';
import { PaperSelect, type Paper } from '../parts/PaperSelect';
import { WordSwitch } from '../parts/WordSwitch';
import { useDraft } from './useDraft';
import type { Subject } from './subjects';
import './brakes.css';

type Card = 'brake' | 'face';
const CARDS: readonly (readonly [Card, string])[] = [
  ['brake', 'Brake'],
  ['face', 'Wheel, negative'],
];
const TRUE_SIZE: PrintScale = { across: 1, along: 1 };
const USUAL_MARGIN_MM = 1.5;

/**
 * A card at 1:1 to cut out, and the proof of its print: what a rule reads on it, and the next print corrected by that.
 */
export function TemplateDialog({ axle, subject, close }: { axle: AxleName; subject: Subject | null; close(): void }) {
  const { id, job } = useDocument();
  const { state } = useSaves();
  const outline = job.vehicle[axle]?.caliper?.outline;
  const face = subject?.wheel.innerFace;
  const [card, setCard] = useState<Card>(outline ? 'brake' : 'face');
  const [paper, setPaper] = useState<Paper>('a4');
  const [marginMm, setMarginMm] = useState<number | null>(USUAL_MARGIN_MM);
  const [kept, setScale] = useDraft<PrintScale>('print-scale');
  const scale = kept ?? TRUE_SIZE;
  const there = card === 'brake' ? outline !== undefined : face?.spoke !== undefined || face?.barrel !== undefined;
  const saved = state.save.name === 'saved';
  const query = new URLSearchParams({
    axle,
    of: card === 'brake' ? 'brake' : (subject?.key ?? ''),
    paper,
    margin: String(marginMm ?? 0),
    across: String(roundTo(scale.across, 6)),
    along: String(roundTo(scale.along, 6)),
  });
  const ready = there && saved && marginMm !== null;
  return (
    <Dialog
      onCancel={close}
      title={`Template at 1:1, ${axle}`}
      width={560}
      footer={[
        <Button key="close" onClick={close}>
          Close
        </Button>,
        <Button
          key="print"
          kind="primary"
          icon={<PrinterOutlined />}
          disabled={!ready}
          target="_blank"
          {...(ready ? { href: `/jobs/${id}/template.pdf?${query}` } : {})}
        >
          Open the PDF
        </Button>,
      ]}
    >
      <div className="dialog-form">
        <WordSwitch<Card>
          label="Template of"
          tip="The brake, to lay into a wheel; or the wheel's inside, to hold on the hub"
          options={CARDS}
          value={card}
          choose={setCard}
        />
        <p>
          {card === 'brake'
            ? 'Laid into a wheel and turned, the card goes where the brake would.'
            : `Held on the hub, the card goes where the inside of ${subject?.name ?? 'the wheel'} would.`}
          {!there && (card === 'brake' ? ' The brake has no outline yet.' : ' This wheel has no inner face yet.')}
          {face?.origin === 'family' && card === 'face' && (
            <>
              {' '}
              <em className="assumed">assumed</em>: this wheel is not measured.
            </>
          )}
        </p>
        <div className="field-wrap">
          <PaperSelect value={paper} choose={setPaper} />
          <LengthField
            name={`template/${axle}/margin`}
            value={marginMm}
            commit={setMarginMm}
            label="Margin around it, 1 to 2 usual"
            range="marginMm"
            width={6}
          />
        </div>
        <Proof key={`${scale.across}/${scale.along}`} scale={scale} correct={setScale} />
      </div>
    </Dialog>
  );
}

/** What a rule reads on the two printed check dimensions, and what that says of the print. */
function Proof({ scale, correct }: { scale: PrintScale; correct(scale: PrintScale | null): void }) {
  const lengths = useLengths();
  const [read, setRead] = useState<Partial<Record<Way, number>>>({});
  const corrected = scale.across !== 1 || scale.along !== 1;
  const proof =
    read.across === undefined || read.along === undefined
      ? null
      : printProof({ across: read.across, along: read.along }, scale);
  return (
    <section className="print-proof" aria-label="Print check">
      <h3 className="label">After printing, measure with a steel rule</h3>
      <div className="field-wrap">
        {WAYS.map((way) => (
          <TypedInput<number>
            key={way}
            name={`print-proof/${way}`}
            value={read[way] ?? null}
            commit={(mm) =>
              setRead(
                ({ [way]: _, ...rest }) =>
                  (mm === null ? rest : { ...rest, [way]: mm }) as Partial<Record<Way, number>>,
              )
            }
            label={`${way === 'across' ? 'Across' : 'Along'}, nominal ${lengths.text(CHECK_MM[way])}`}
            unit={lengths.sign}
            show={(mm) => lengths.figure(mm)}
            read={(text) => readPrinted(text, way, lengths.bare)}
          />
        ))}
      </div>
      {proof && (
        <div className={`advice ${proof.isTrue ? '' : 'is-short'}`} role="status">
          <p>
            {proof.isTrue ? (
              <b className="is-ok">The print is true</b>
            ) : (
              <b className="is-fail">The print is not true</b>
            )}
            :{' '}
            {WAYS.map(
              (way) => `${way} ${lengths.text(proof.offMm[way], true)} (${formatNumber(proof.offPct[way], 2, true)} %)`,
            ).join(', ')}
            .
          </p>
          {!proof.isTrue && (
            <Button size="small" onClick={() => correct(proof.next)}>
              Correct the next print
            </Button>
          )}
        </div>
      )}
      {corrected && (
        <p className="soft">
          The next print is corrected for this printer: × {formatNumber(scale.across, 4)} across, ×{' '}
          {formatNumber(scale.along, 4)} along.{' '}
          <Button size="small" kind="text" onClick={() => correct(null)}>
            Reset
          </Button>
        </p>
      )}
    </section>
  );
}

/** A reading of one of the printed lines; what no printer could have made of it is refused beside the field. */
function readPrinted(text: string, way: Way, bare: 'mm' | 'in'): number {
  const mm = readLength(text, bare);
  const other: Way = way === 'across' ? 'along' : 'across';
  try {
    printProof({ [way]: mm, [other]: CHECK_MM[other] } as Record<Way, number>, TRUE_SIZE);
  } catch (error) {
    if (error instanceof DomainError) throw new DomainError(error.message);
    throw error;
  }
  return mm;
}
