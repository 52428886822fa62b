import { TextField } from '../fields/TextField';
import type { EditedTerms } from './terms';

/** Who the shop is: at the head of its papers. */
export function ShopFields({ terms }: { terms: EditedTerms }) {
  const over = (key: 'name' | 'contact') => ({
    name: `${terms.of}/shop/${key}`,
    value: (terms.own(['shop', key]) as string | null | undefined) ?? null,
    commit: (text: string | null) => terms.set(['shop', key], text === '' ? null : text),
  });
  return (
    <div className="field-columns">
      <TextField {...over('name')} label="Name of the shop" width={24} most={80} />
      <TextField {...over('contact')} label="Address and contact" width={32} most={160} />
    </div>
  );
}
