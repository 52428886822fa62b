import { useState } from 'react';
import { itemName } from '#core/shelf';
import { moneyText } from '#core/cost';
import { faultLine } from '#formats/faults';
import type { ListMapping } from '#formats/priceList';
import { LIST_KINDS, type ListKind } from '#formats/priceList/columns';
import type { ListLook } from '#server/priceLists/look';
import { Notice } from '../controls/Notice';
import { Check } from '../controls/Check';
import { Input } from '../controls/Input';
import { Choice } from '../controls/Choice';
import { Dialog } from '../controls/Dialog';
import { FileButton } from '../parts/FileButton';
import { KIND_NAMES } from '../shelf/kinds';
import { MappingTable } from './MappingTable';
import { useListFile } from './useListFile';
import '../parts/partsTable.css';
import './lists.css';

/** How many faults are shown before they are counted. */
const SHOWN_FAULTS = 6;

/** Takes in the list of a supplier: a file, what its columns are, and what could not be read. */
export function ListDialog({ suppliers, close }: { suppliers: readonly string[]; close(): void }) {
  const list = useListFile();
  const [supplier, setSupplier] = useState('');
  const [leaveOut, setLeaveOut] = useState(false);
  const [known, setKnown] = useState('');
  const { answer, file } = list;
  const look = file ? answer?.look : undefined;
  if (answer?.intent === 'take' && answer.taken !== undefined && file && !list.busy)
    return (
      <Dialog title="Price list" onCancel={close} onOk={close} okText="Done" onlyOk>
        <p role="status">
          {answer.taken.toLocaleString('en-US')} parts of {supplier} are taken in. Find looks among them too.
        </p>
      </Dialog>
    );
  const named = supplier.trim();
  // A supplier that is known says how its lists are read, once: what was chosen by hand since stays.
  const know = (name: string) => {
    if (name === known || !suppliers.includes(name)) return;
    setKnown(name);
    list.look({ supplier: name });
  };
  const ready = look && look.count > 0 && named !== '' && (look.faulty === 0 || leaveOut);
  return (
    <Dialog
      title="Take in a price list"
      width={760}
      onCancel={close}
      okText={look ? `Take in ${look.count.toLocaleString('en-US')}` : 'Take in'}
      okDisabled={!ready}
      busy={list.busy}
      onOk={() => ready && list.take({ supplier: named, mapping: look.mapping, leaveOut })}
    >
      <div className="list-form">
        <label className="list-supplier">
          <span>Supplier</span>
          <Input
            value={supplier}
            list="suppliers"
            maxLength={80}
            onChange={({ target }) => setSupplier(target.value)}
            onBlur={() => know(named)}
          />
          <datalist id="suppliers">
            {suppliers.map((name) => (
              <option key={name} value={name} />
            ))}
          </datalist>
        </label>
        <FileButton
          label="Price list, CSV or XLSX"
          accept=".csv,.txt,.tsv,.xlsx,text/csv"
          busy={list.busy}
          take={(of) => {
            setLeaveOut(false);
            const isKnown = suppliers.includes(named);
            // It is read as theirs now: leaving the field must not read it again, over a press on Take in.
            if (isKnown) setKnown(named);
            list.choose(of, isKnown ? named : '');
          }}
        >
          {file ? 'Another file' : 'Choose CSV or XLSX'}
        </FileButton>
        {file && <span className="soft">{file.name}</span>}
      </div>
      {file && answer && answer.faults.length > 0 && (
        <Notice kind="fault" title={answer.faults.map(faultLine).join('; ')} />
      )}
      {look && (
        <>
          <Reading
            look={look}
            put={(mapping) => list.look({ mapping })}
            putKind={(kind) => list.look({ kind, ...(suppliers.includes(named) ? { supplier: named } : {}) })}
          />
          <MappingTable look={look} put={(mapping) => list.look({ mapping })} />
          <Outcome look={look} />
          {look.faulty > 0 && (
            <Check checked={leaveOut} onChange={({ target }) => setLeaveOut(target.checked)}>
              leave out the {look.faulty === 1 ? 'line' : `${look.faulty.toLocaleString('en-US')} lines`} that cannot be
              read
            </Check>
          )}
        </>
      )}
    </Dialog>
  );
}

const CURRENCIES = ['EUR', 'USD', 'GBP', 'CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'CZK'];

/** What the list is of, and how its figures are written. */
function Reading({
  look: { mapping },
  put,
  putKind,
}: {
  look: ListLook;
  put(mapping: ListMapping): void;
  putKind(kind: ListKind): void;
}) {
  return (
    <div className="list-form">
      <Choice
        aria-label="List of"
        value={mapping.kind}
        onChange={putKind}
        options={LIST_KINDS.map((value) => ({ value, label: KIND_NAMES[value].many }))}
      />
      <Choice
        aria-label="Decimal sign"
        value={mapping.decimal}
        onChange={(decimal) => put({ ...mapping, decimal })}
        options={[
          { value: '.', label: 'decimals 8.5' },
          { value: ',', label: 'decimals 8,5' },
        ]}
      />
      <Choice
        aria-label="Currency"
        value={mapping.currency ?? ''}
        onChange={(currency) => put({ ...mapping, currency: currency === '' ? null : currency })}
        options={[
          { value: '', label: 'no currency' },
          ...[...new Set([...CURRENCIES, ...(mapping.currency ? [mapping.currency] : [])])].map((value) => ({
            value,
            label: value,
          })),
        ]}
      />
    </div>
  );
}

/** What was read: the first of it, and what is wrong with the rest. */
function Outcome({ look: { first, count, faulty, faults, mapping } }: { look: ListLook }) {
  return (
    <section aria-label="Read">
      <p role="status">
        <b className="figure">{count.toLocaleString('en-US')}</b> {count === 1 ? 'line' : 'lines'} read
        {faulty > 0 && (
          <>
            , <b className="figure">{faulty.toLocaleString('en-US')}</b> not
          </>
        )}
        .
      </p>
      {first.length > 0 && (
        <table className="parts-table list-first" aria-label="The first of it">
          <tbody>
            {first.slice(0, 4).map((item) => (
              <tr key={itemName(item)}>
                <th scope="row">{itemName(item)}</th>
                <td className="figure">
                  {item.kind === 'wheel'
                    ? `${item.lugCount}x${item.boltCircleMm}${item.boreMm == null ? '' : ` CB ${item.boreMm}`}`
                    : item.size}
                </td>
                <td className="figure">
                  {item.priceEach == null ? 'no price' : moneyText(item.priceEach, mapping.currency)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {faults.length > 0 && (
        <ul className="list-faults">
          {faults.slice(0, SHOWN_FAULTS).map((fault) => (
            <li key={faultLine(fault)} className="figure">
              {faultLine(fault)}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
