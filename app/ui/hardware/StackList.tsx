import { useId, useState } from 'react';
import { boreFault } from '#core/hub';
import type { AxleName, Setup, StackPart } from '#core/job';
import { pieceThicknessMm, type LabelMeans } from '#core/stack';
import { itemName, pieceFromShelf, type ShelfItem } from '#core/shelf';
import { Button } from '../controls/Button';
import { FindChoice } from '../controls/FindChoice';
import { ArrowDownOutlined, ArrowUpOutlined, DeleteOutlined } from '../controls/icons';
import { Segments } from '../controls/Segments';
import { useDocument } from '../../job/DocumentContext';
import { ChoiceField } from '../fields/ChoiceField';
import { LengthField } from '../fields/LengthField';
import { MeasureField } from '../fields/MeasureField';
import { NumberField } from '../fields/NumberField';
import { ThreadField } from '../fields/TextField';
import { LIP_FORMS, PIECE_NAMES, SEATS } from '../fields/choices';
import './hardware.css';

interface StackListProps {
  setup: Setup;
  axle: AxleName;
  shelf: readonly ShelfItem[];
}

/** The pieces between hub and wheel, from the hub outward, each with its own dimensions. */
export function StackList({ setup, axle, shelf }: StackListProps) {
  const { edit, job } = useDocument();
  const pieces = setup[axle]?.stack ?? [];
  const path = ['setups', setup.id, axle, 'stack'];
  const put = (next: StackPart[]) => edit({ op: 'set', path, value: next });
  const change = (index: number, part: StackPart) => put(pieces.map((piece, at) => (at === index ? part : piece)));
  const hub = job.vehicle[axle]?.hub;
  const bore = hub?.boreMm == null ? {} : { innerBoreMm: hub.boreMm };
  const add = (kind: StackPart['kind']) => put([...pieces, kind === 'ring' ? { kind } : { kind, ...bore }]);
  const kept = shelf.filter(({ kind }) => kind === 'spacer' || kind === 'adapter' || kind === 'ring');
  return (
    <section className="field-group" aria-label="Stack">
      <h2 className="label">Stack, from the hub outward</h2>
      {pieces.length === 0 && <p className="soft">Nothing between hub and wheel.</p>}
      {pieces.map((piece, index) => (
        <Piece
          key={`${index}${piece.kind}`}
          name={`${path.join('/')}/${index}`}
          piece={piece}
          change={(part) => change(index, part)}
          remove={() => put(pieces.filter((_, at) => at !== index))}
          {...(index > 0 ? { inward: () => put(swapped(pieces, index - 1)) } : {})}
          {...(index < pieces.length - 1 ? { outward: () => put(swapped(pieces, index)) } : {})}
        />
      ))}
      <div className="hardware-add">
        {(['slip-on', 'bolt-on', 'ring'] as const).map((kind) => (
          <Button key={kind} size="small" onClick={() => add(kind)}>
            Add {PIECE_NAMES[kind].toLowerCase()}
          </Button>
        ))}
        <FindChoice
          aria-label="Add from the shelf"
          placeholder="From the shelf …"
          empty="Nothing of this kind is on the shelf."
          style={{ width: '16.25rem' }}
          options={kept.map((item, at) => ({
            value: at,
            label: `${itemName(item)} (${item.quantity ?? '?'} in stock)`,
          }))}
          take={(at) => put([...pieces, pieceFromShelf(kept[at]!)])}
        />
      </div>
    </section>
  );
}

function swapped(pieces: readonly StackPart[], index: number): StackPart[] {
  const next = [...pieces];
  [next[index], next[index + 1]] = [next[index + 1]!, next[index]!];
  return next;
}

interface PieceProps {
  name: string;
  piece: StackPart;
  change(part: StackPart): void;
  remove(): void;
  inward?(): void;
  outward?(): void;
}

function Piece({ name, piece, change, remove, inward, outward }: PieceProps) {
  const [means, setMeans] = useState<LabelMeans>('each');
  const id = useId();
  const title = piece.label || PIECE_NAMES[piece.kind];
  const over = <K extends keyof StackPart>(key: K) => ({
    name: `${name}/${key}`,
    value: (piece[key] ?? null) as NonNullable<StackPart[K]> | null,
    commit: (value: NonNullable<StackPart[K]> | null) => {
      const { [key]: _gone, ...rest } = piece;
      change((value === null ? rest : { ...rest, [key]: value }) as StackPart);
    },
  });
  const thickness = over('thicknessMm');
  return (
    <div className="piece" role="group" aria-label={title}>
      <div className="piece-head">
        <b>{title}</b>
        <span>
          <Button
            kind="text"
            size="small"
            aria-label={`${title} toward the hub`}
            icon={<ArrowUpOutlined />}
            disabled={!inward}
            onClick={inward}
          />
          <Button
            kind="text"
            size="small"
            aria-label={`${title} toward the wheel`}
            icon={<ArrowDownOutlined />}
            disabled={!outward}
            onClick={outward}
          />
          <Button kind="text" size="small" aria-label={`Delete ${title}`} icon={<DeleteOutlined />} onClick={remove} />
        </span>
      </div>
      <div className="field-wrap">
        {piece.kind !== 'ring' && (
          <div className="field-thickness">
            <LengthField
              {...thickness}
              commit={(mm) => thickness.commit(mm === null ? null : pieceThicknessMm(mm, means))}
              label={means === 'pair' ? 'Thickness, label of the pair' : 'Thickness'}
              range="thicknessMm"
              width={6}
              check={(mm) => (mm > 0 ? null : 'a thickness must be more than 0')}
            />
            <Segments<LabelMeans>
              aria-label="The label means"
              id={id}
              size="small"
              options={[
                { value: 'each', label: 'each', title: 'the figure is the thickness of one spacer' },
                { value: 'pair', label: 'per pair', title: 'packs may state both together: the figure is halved' },
              ]}
              value={means}
              onChange={setMeans}
            />
          </div>
        )}
        {piece.kind === 'bolt-on' && (
          <LengthField
            {...over('seatThicknessMm')}
            label="Thickness under the lug seat"
            range="seatThicknessMm"
            width={6}
          />
        )}
        {piece.kind !== 'ring' && (
          <LengthField
            {...over('innerBoreMm')}
            label="Bore"
            range="boreMm"
            width={6}
            check={(mm) => boreFault(mm, null)}
          />
        )}
        {piece.kind === 'bolt-on' && (
          <>
            <NumberField
              {...over('toLugCount')}
              label="Wheel lugs"
              range="lugCount"
              whole
              width={3}
              placeholder="same"
            />
            <LengthField
              {...over('toBoltCircleMm')}
              label="Wheel bolt circle"
              range="boltCircleMm"
              width={6}
              placeholder="same"
            />
          </>
        )}
        {piece.kind !== 'ring' && (
          <>
            <LengthField {...over('outerLipMm')} label="Lip ⌀" range="boreMm" width={6} placeholder="none" />
            <LengthField {...over('lipMm')} label="Lip height" range="lipMm" width={5} placeholder="none" />
            <ChoiceField
              label="Lip form"
              value={piece.lipForm ?? null}
              choices={LIP_FORMS}
              commit={over('lipForm').commit}
              width={104}
            />
          </>
        )}
        {piece.kind === 'bolt-on' && (
          <>
            <LengthField {...over('studLengthMm')} label="Stud length" range="fastenerLengthMm" width={6} />
            <ThreadField {...over('thread')} label="Stud thread" />
            <ChoiceField
              label="Adapter lug seat"
              value={piece.seat ?? null}
              choices={SEATS}
              commit={over('seat').commit}
              width={116}
            />
            <MeasureField {...over('torqueNm')} label="Torque" quantity="torque" range="torqueNm" width={5} />
          </>
        )}
        {piece.kind === 'ring' && (
          <>
            <LengthField {...over('outerMm')} label="Outer ⌀" range="ringMm" width={6} />
            <LengthField
              {...over('innerMm')}
              label="Inner ⌀"
              range="ringMm"
              width={6}
              check={(mm) => (piece.outerMm != null && mm >= piece.outerMm ? 'must be smaller than the outer ⌀' : null)}
            />
            <LengthField {...over('thicknessMm')} label="Width" range="thicknessMm" width={5} />
          </>
        )}
      </div>
    </div>
  );
}
