import { priceInForce, type Extra, type Setup } from '#core/job';
import { Button } from '../controls/Button';
import { useDocument } from '../../job/DocumentContext';
import { freeId } from '../../job/freeId';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { DeleteOutlined, PlusOutlined } from '../controls/icons';
import { useFieldOver } from '../parts/useFieldOver';

/** Work and parts that nothing else of the setup asks for: at a price, or by the time they take. */
export function ExtraFields({ setup }: { setup: Setup }) {
  const { job, edit } = useDocument();
  const over = useFieldOver();
  const { extras = [] } = setup;
  const list = ['setups', setup.id, 'extras'];
  const currency = priceInForce('currency', job) ?? '';
  return (
    <section className="field-group" aria-label="Work and parts besides">
      <h2 className="label">Work and parts besides</h2>
      <p className="soft">Machining, modifications, whatever nothing else asks for. Time counts at the labor price.</p>
      {extras.map((extra) => {
        const at = (key: keyof Extra) => [...list, extra.id, key];
        return (
          <div key={extra.id} className="field-wrap">
            <TextField
              name={at('label').join('/')}
              label="What"
              width={18}
              value={extra.label}
              commit={(label) => label && edit({ op: 'set', path: at('label'), value: label })}
            />
            <NumberField
              {...over(at('count'), extra.count)}
              label="Count"
              range={[0, 1000]}
              width={4}
              placeholder="1"
            />
            <NumberField
              {...over(at('priceEach'), extra.priceEach)}
              label="Price, each"
              range="price"
              width={7}
              unit={currency}
            />
            <NumberField
              {...over(at('minutes'), extra.minutes)}
              label="Time"
              range={[0, 10_000]}
              width={5}
              unit="min"
            />
            <Button
              icon={<DeleteOutlined />}
              aria-label={`Delete ${extra.label}`}
              onClick={() => edit({ op: 'remove', path: list, value: extra })}
            />
          </div>
        );
      })}
      <Button
        icon={<PlusOutlined />}
        onClick={() =>
          edit({ op: 'add', path: list, value: { id: freeId('x', extras), label: 'Work' } satisfies Extra })
        }
      >
        Add work or a part
      </Button>
    </section>
  );
}
