import { useState } from 'react';
import type { ShopInstrument } from '#core/instrument';
import { listInstruments } from '#server/instruments';
import { Button } from '../ui/controls/Button';
import { whyRefused } from '../refused';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { InstrumentDialog } from '../ui/instruments/InstrumentDialog';
import { InstrumentTable } from '../ui/instruments/InstrumentTable';
import { runInstrumentCommand, type InstrumentAnswer } from '../ui/instruments/instrumentCommands';
import { PlusOutlined } from '../ui/controls/icons';
import type { Route } from './+types/instruments';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'Instruments · Scoval' }];

export const loader = () => stored(listInstruments);

export const action = ({ request }: Route.ActionArgs) => stored(() => runInstrumentCommand(request));

/** A server that cannot be reached must not take away what was typed in a dialog. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction();
  } catch (thrown) {
    const message = `${whyRefused(thrown)}: it is not saved, try again`;
    return { intent: 'none', faults: [{ path: '', message }] } satisfies InstrumentAnswer;
  }
}

/** The shop's measuring instruments: how exact each is, when it was calibrated, and how its readings come in. */
export default function InstrumentsPage({ loaderData: instruments }: Route.ComponentProps) {
  const [edited, edit] = useState<ShopInstrument | 'new' | null>(null);
  return (
    <div className="shop-page">
      <ShopStrip>the instruments that readings are taken with</ShopStrip>
      <main className="shop-main" id="page" tabIndex={-1}>
        <div className="shop-head">
          <h1>Instruments</h1>
          <span className="shop-tools">
            <Button href="/defaults">Shop defaults</Button>
            <Button kind="primary" icon={<PlusOutlined />} onClick={() => edit('new')}>
              Add an instrument
            </Button>
          </span>
        </div>
        <InstrumentTable instruments={instruments} edit={edit} />
      </main>
      {edited && <InstrumentDialog instrument={edited === 'new' ? null : edited} close={() => edit(null)} />}
    </div>
  );
}
