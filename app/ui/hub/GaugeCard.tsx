import { useId, useState } from 'react';
import { Button } from '../controls/Button';
import { Choices } from '../controls/Choices';
import { PrinterOutlined } from '../controls/icons';
import { Dialog } from '../controls/Dialog';
import { useDialog } from '../../job/useSight';
import { hubPatternOf } from '#core/evaluate';
import { KNOWN_PATTERNS, patternName, wholePattern, type BoltPattern, type Hub } from '#core/hub';
import { threadOrNull } from '#core/fastener';
import { PaperSelect, type Paper } from '../parts/PaperSelect';

/** A pattern as it stands in the card's address: `5x114.3`. */
const patternKey = ({ lugCount, boltCircleMm }: BoltPattern): string => `${lugCount}x${boltCircleMm}`;

/** The patterns a hub may have: what stands, and what its readings leave open. */
function likely(hub: Hub | undefined): string[] {
  if (!hub) return [];
  const { pattern, candidates } = hubPatternOf(hub);
  const whole = wholePattern(pattern);
  const own = whole ? [patternKey(whole)] : [];
  const open = candidates.filter(({ probability }) => probability >= 0.01).map(patternKey);
  return [...new Set([...own, ...open])].slice(0, 6);
}

/** Prints hole circles at 1:1, to hold against a hub. */
export function GaugeCardButton({ hub }: { hub: Hub | undefined }) {
  const dialog = useDialog('gauge-card');
  return (
    <>
      <Button icon={<PrinterOutlined />} onClick={dialog.open}>
        Gauge card
      </Button>
      {dialog.isOpen && <GaugeCardDialog hub={hub} close={dialog.close} />}
    </>
  );
}

function GaugeCardDialog({ hub, close }: { hub: Hub | undefined; close(): void }) {
  const id = useId();
  const [patterns, setPatterns] = useState(() => likely(hub));
  const [paper, setPaper] = useState<Paper>('a4');
  const known = KNOWN_PATTERNS.map((pattern) => ({ value: patternKey(pattern), label: patternName(pattern) }));
  const custom = patterns
    .filter((key) => !known.some(({ value }) => value === key))
    .map((key) => ({ value: key, label: key.replace('x', ' × ') }));
  const query = new URLSearchParams({ paper, patterns: patterns.join() });
  if (hub?.boreMm != null) query.set('bore', String(hub.boreMm));
  const stud = threadOrNull(hub?.fastener?.thread)?.diameterMm;
  if (stud !== undefined) query.set('stud', String(stud));
  return (
    <Dialog
      onCancel={close}
      title="Gauge card, 1:1"
      width={480}
      footer={[
        <Button key="close" onClick={close}>
          Close
        </Button>,
        <Button
          key="card"
          kind="primary"
          icon={<PrinterOutlined />}
          disabled={patterns.length === 0}
          {...(patterns.length === 0 ? {} : { href: `/gauge-card.pdf?${query}` })}
          target="_blank"
        >
          Open the PDF
        </Button>,
      ]}
    >
      <div className="dialog-form">
        <p>
          One sheet a pattern, holes where the studs stand, and a taper for bores. Print at 100 %, lay a rule on both
          printed scales, and only then trust it.
        </p>
        <div className="field">
          <label className="label" htmlFor={`${id}patterns`}>
            Patterns
          </label>
          <Choices
            id={`${id}patterns`}
            most={6}
            value={patterns}
            onChange={setPatterns}
            options={[...custom, ...known]}
            placeholder="choose up to six"
          />
        </div>
        <PaperSelect value={paper} choose={setPaper} />
      </div>
    </Dialog>
  );
}
