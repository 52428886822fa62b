import { priceInForce, type AxleName, type Edit, type Setup, type StackPart } from '#core/job';
import type { Priced } from '#core/units';
import { useDocument } from '../../job/DocumentContext';
import { PIECE_NAMES } from '../fields/choices';
import { NumberField } from '../fields/NumberField';

interface PartPrice {
  name: string;
  label: string;
  part: Priced;
  /** What counts where it has none of its own. */
  otherwise?: 'spacerEach' | 'adapterEach' | 'ringEach';
  edits(priceEach: number | null): Edit[];
}

/** A price that is typed is nobody else's any more. */
const typed = (path: readonly string[], priceEach: number | null): Edit[] => [
  priceEach === null
    ? { op: 'clear', path: [...path, 'priceEach'] }
    : { op: 'set', path: [...path, 'priceEach'], value: priceEach },
  { op: 'clear', path: [...path, 'priceFrom'] },
];

const PRICES = {
  'slip-on': 'spacerEach',
  'bolt-on': 'adapterEach',
  ring: 'ringEach',
} as const satisfies Record<StackPart['kind'], string>;

/** What of an axle has a price of its own. */
function partsOf(setup: Setup, axle: AxleName): PartPrice[] {
  const { wheel, tire, stack = [], fastener } = setup[axle] ?? {};
  const base = ['setups', setup.id, axle];
  const of = (key: 'wheel' | 'tire' | 'fastener', label: string, part: Priced | undefined): PartPrice[] =>
    part ? [{ name: [...base, key].join('/'), label, part, edits: (price) => typed([...base, key], price) }] : [];
  return [
    ...of('wheel', 'Wheel', wheel),
    ...of('tire', 'Tire', tire),
    ...stack.map((part, at): PartPrice => ({
      name: `${base.join('/')}/stack/${at}`,
      label: part.label ?? PIECE_NAMES[part.kind],
      part,
      otherwise: PRICES[part.kind],
      edits(priceEach) {
        const { priceEach: _, priceFrom: __, ...bare } = part;
        const next = priceEach === null ? bare : { ...bare, priceEach };
        return [{ op: 'set', path: [...base, 'stack'], value: stack.map((one, n) => (n === at ? next : one)) }];
      },
    })),
    ...of('fastener', 'Fastener', fastener),
  ];
}

/** The prices of an axle's own parts, a piece each. */
export function PriceEachFields({ setup, axle }: { setup: Setup; axle: AxleName }) {
  const { job, edit } = useDocument();
  const currency = priceInForce('currency', job) ?? '';
  const parts = partsOf(setup, axle);
  return (
    <section className="field-group" aria-label={`Prices, ${axle} axle`}>
      <h2 className="label">Prices, {axle} axle, a piece each</h2>
      {parts.length === 0 && <p className="soft">Nothing of this setup is on this axle.</p>}
      <div className="field-wrap">
        {parts.map(({ name, label, part, otherwise, edits }) => (
          <NumberField
            key={name}
            name={`${name}/priceEach`}
            label={label}
            range="price"
            width={8}
            unit={currency}
            value={part.priceEach ?? null}
            placeholder={otherwise && priceInForce(otherwise, job)?.toString()}
            aside={part.priceEach != null && part.priceFrom ? <span className="soft">{part.priceFrom}</span> : null}
            commit={(price) => edit(...edits(price))}
          />
        ))}
      </div>
    </section>
  );
}
