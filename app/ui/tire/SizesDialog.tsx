import { sizesThatDo, withSize, type SizeThatDoes } from '#core/advice';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { CHECK_KINDS } from '#core/evaluate';
import { wheelCode, type AxleName, type Setup } from '#core/job';
import { formatNumber } from '#core/units';
import { limitInForce } from '#core/verdict';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Dialog } from '../controls/Dialog';
import { useDocument } from '../../job/DocumentContext';
import { usePutSetup } from '../../job/usePutSetup';
import { useLengths } from '../../preferences/PreferencesContext';
import { figureColumn } from '../parts/figureColumn';
import { RingMark } from '../parts/Ring';
import { faceText } from '../words';
import './tire.css';
import type { Column } from '../table/columns';
import { RowsTable } from '../table/RowsTable';

const LOAD_WORDS: Record<SizeThatDoes['load'], string> = {
  carries: 'carries it',
  reinforced: 'only as XL',
  unknown: 'see its sidewall',
};
const ROOM_WORDS = CHECK_KINDS.clearance.words;

/** Other standard tire sizes on a setup's rim, best first; Enter on one makes a setup of it. */
export function SizesDialog({ setup, axle, close }: { setup: Setup; axle: AxleName; close(): void }) {
  const { job } = useDocument();
  const put = usePutSetup();
  const lengths = useLengths();
  const found = useMemo(() => sizesThatDo(job, setup, axle), [job, setup, axle]);
  const other: AxleName = axle === 'front' ? 'rear' : 'front';
  const alike = sameRim(setup);
  const [both, setBoth] = useState(alike);
  const list = useRef<HTMLDivElement>(null);
  const take = ({ name }: SizeThatDoes) => {
    const one = withSize(setup, axle, name);
    const next = both && alike ? withSize(one, other, name) : one;
    put({ setup: next, label: `${wheelCode(setup[axle], job.vehicle.flangeMm)}, ${name}`, after: setup.id });
  };
  const walk = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step === 0 || !list.current) return;
    event.preventDefault();
    const buttons = [...list.current.querySelectorAll<HTMLButtonElement>('td button')];
    const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
    buttons[Math.min(buttons.length - 1, Math.max(0, at + step))]?.focus();
  };
  const length = (mm: number) => lengths.figure(mm);
  const columns: readonly Column<SizeThatDoes>[] = [
    { title: 'Size', key: 'size', render: ({ name }) => <b className="figure">{name}</b> },
    {
      title: 'In this room, at rest',
      key: 'room',
      render: ({ verdict, used }) => (
        <span className="sizes-verdict">
          <RingMark verdict={verdict} used={used} word={ROOM_WORDS[verdict]} />
          <b className={`is-${verdict}`}>{ROOM_WORDS[verdict]}</b>
        </span>
      ),
    },
    figureColumn<SizeThatDoes>('Diameter', ({ tire }) => tire.overallDiameterMm, length),
    figureColumn<SizeThatDoes>(
      '%',
      ({ diameterChangePct }) => diameterChangePct,
      (pct) => formatNumber(pct, 1, true),
    ),
    figureColumn<SizeThatDoes>('Section', ({ tire }) => tire.sectionWidthMm, length),
    figureColumn<SizeThatDoes>(
      'Poke',
      ({ pokeMm }) => pokeMm,
      (poke) => faceText(poke, lengths),
    ),
    figureColumn<SizeThatDoes>('Inner clearance', ({ inboardGapMm }) => inboardGapMm, length),
    figureColumn<SizeThatDoes>('Fender clearance', ({ archGapMm }) => archGapMm, length),
    {
      title: 'Usual load index',
      key: 'load',
      sorter: (one, other) => (one.usualIndex ?? 0) - (other.usualIndex ?? 0),
      render: ({ usualIndex, load }) => (
        <>
          <span className="figure">{usualIndex === null ? '—' : `≈ ${usualIndex}`}</span>{' '}
          <span className="soft">{LOAD_WORDS[load]}</span>
        </>
      ),
    },
    {
      title: <span className="visually-hidden">Use</span>,
      key: 'take',
      render: (size, index) => (
        <Button
          data-begins={index === 0 || undefined}
          aria-label={`Make a setup with ${size.name}`}
          onClick={() => take(size)}
        >
          Make a setup
        </Button>
      ),
    },
  ];
  const window = formatNumber(limitInForce('diameterPct', job).value);
  return (
    <Dialog
      onCancel={close}
      footer={<Button onClick={close}>Close</Button>}
      title={`Other tire sizes on ${wheelCode(setup[axle], job.vehicle.flangeMm)}, ${axle}`}
      width={1060}
    >
      {found.missing.length > 0 ? (
        <p>Not known yet: {found.missing.join(', ')}. Enter them on the sheet to see the sizes here.</p>
      ) : (
        <div className="sizes">
          <p className="soft">
            Of {found.considered} standard sizes {found.out.rim} are not approved for this rim width;{' '}
            {found.out.diameter} leave ±{window} % diameter, {found.out.load} carry too little, {found.out.room} touch.
            {found.sizes.length > 0 && ' Arrow keys walk the list, Enter makes a setup.'}
          </p>
          {alike && (
            <Check checked={both} onChange={({ target }) => setBoth(target.checked)}>
              On both axles, which have the same rim
            </Check>
          )}
          {found.sizes.length === 0 ? (
            <p className="sizes-none">
              None is left. A wider diameter limit in the Brief, another rim width or another offset would give some.
            </p>
          ) : (
            <div ref={list} onKeyDown={walk}>
              <RowsTable<SizeThatDoes>
                wide
                columns={columns}
                rows={found.sizes}
                rowKey={({ name }) => name}
                height="48vh"
              />
            </div>
          )}
          <p className="caution-note">
            Sizes follow the steps of the standards, not a catalog: not every one is made. Load indices are estimates;
            the sidewall decides, and load ratings never go down.
          </p>
        </div>
      )}
    </Dialog>
  );
}

/** Front and rear rims of one diameter and width. */
function sameRim({ front, rear }: Setup): boolean {
  const [one, other] = [front?.wheel, rear?.wheel];
  return (
    one?.rimDiameterIn != null &&
    one.rimDiameterIn === other?.rimDiameterIn &&
    one.rimWidthIn != null &&
    one.rimWidthIn === other?.rimWidthIn
  );
}
