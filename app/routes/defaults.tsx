import { useMemo, useState } from 'react';
import { useFetcher } from 'react-router';
import { SHOP_LIMITS, type ShopLimitKey } from '#core/verdict';
import { backupsFolder, dataFolder } from '#server/base/folder';
import { copiesIn, KEPT } from '#server/database/copies';
import { readSetting } from '#server/database/settings';
import { logoMark } from '#server/logo';
import { listDevices } from '#server/doors/devices';
import { listInstruments } from '#server/instruments';
import { readShopDefaults } from '#server/shopDefaults';
import { Button } from '../ui/controls/Button';
import { DraftsContext } from '../ui/fields/DraftsContext';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { runDefaultsCommand, type DefaultsAnswer } from '../ui/terms/defaultsCommands';
import { InstrumentsLink } from '../ui/instruments/InstrumentsLink';
import { ArchiveTools } from '../ui/doors/ArchiveTools';
import { Backups, Devices } from '../ui/doors/ShopSafety';
import { runShopCommand, type ShopAnswer } from '../ui/doors/shopCommands';
import { whyRefused } from '../refused';
import { readJson } from '../requests';
import { stored } from '../stored';
import { FitUpFields } from '../ui/terms/FitUpFields';
import { LogoField } from '../ui/terms/LogoField';
import { LimitTable } from '../ui/terms/LimitTable';
import { PriceFields } from '../ui/terms/PriceFields';
import { RemedyFields } from '../ui/terms/RemedyFields';
import { RuleFields } from '../ui/terms/RuleFields';
import { ShopFields } from '../ui/terms/ShopFields';
import { at, NO_DEFAULTS, type EditedTerms } from '../ui/terms/terms';
import type { Route } from './+types/defaults';
import '../ui/terms/terms.css';
import '../ui/frame/shop.css';
import '../ui/terms/page.css';

export const meta: Route.MetaFunction = () => [{ title: 'Shop defaults · Scoval' }];

export async function loader({ context }: Route.LoaderArgs) {
  return stored(async () => ({
    house: await readShopDefaults(),
    logo: await logoMark(),
    daily: await readSetting('dailyCopies'),
    kept: KEPT,
    copies: copiesIn(backupsFolder(dataFolder())).map(({ name, bytes, madeAt }) => ({
      name,
      bytes,
      madeAt: madeAt.toISOString(),
    })),
    instruments: await listInstruments(),
    devices: context.beyond ? await listDevices() : null,
    own: context.device?.id ?? null,
  }));
}

/** A change of the shop's terms, or a command about the server itself. */
export async function action({ request, context }: Route.ActionArgs): Promise<ShopAnswer> {
  const body = await readJson(request);
  if (body === undefined) return { faults: [{ path: '', message: 'nothing was sent' }] };
  const ofServer = typeof body === 'object' && body !== null && 'intent' in body;
  return stored(() => (ofServer ? runShopCommand(request, body, context) : runDefaultsCommand(body)));
}

/** A server that cannot be reached must not take the page away. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction();
  } catch (thrown) {
    const message = `${whyRefused(thrown)}: it is not saved, try again`;
    return { faults: [{ path: '', message }] } satisfies DefaultsAnswer;
  }
}

const ROOM: readonly ShopLimitKey[] = [
  'inboardMm',
  'fullLockMm',
  'fenderAtBumpMm',
  'archMm',
  'rubMm',
  'brakeSpokeMm',
  'brakeBarrelMm',
  'diameterPct',
  'axleMatchPct',
  'dualGapMm',
];
const PARTS = (Object.keys(SHOP_LIMITS) as ShopLimitKey[]).filter((key) => !ROOM.includes(key));

/** The shop's own limits, rules and prices: what every brief stands on. */
export default function DefaultsPage({ loaderData }: Route.ComponentProps) {
  const fetcher = useFetcher<DefaultsAnswer>();
  const [drafts] = useState(() => new Map<string, string>());
  const { house, logo, daily, kept, copies, devices, own, instruments } = loaderData;
  const terms = useMemo<EditedTerms>(
    () => ({
      of: 'house',
      own: (path) => at(house, path),
      set: (path, value) =>
        void fetcher.submit(
          { path, value: value as never },
          { method: 'post', action: '/defaults', encType: 'application/json' },
        ),
      behind: NO_DEFAULTS,
    }),
    [house, fetcher],
  );
  const faults = fetcher.data?.faults ?? [];
  return (
    <DraftsContext value={drafts}>
      <div className="shop-page">
        <ShopStrip>the shop&apos;s own limits and rules: every brief starts from them</ShopStrip>
        <main className="shop-main terms-page" id="page" tabIndex={-1}>
          <h1>Shop defaults</h1>
          <p className="soft">
            Every job is checked against these unless its brief says otherwise. A change here checks all jobs again; one
            click resets a limit to the usual value.
          </p>
          {faults.length > 0 && (
            <p role="alert" className="terms-fault">
              {faults.map(({ path, message }) => (path ? `${path}: ${message}` : message)).join('; ')}
            </p>
          )}
          <div className="terms-columns">
            <div>
              <section>
                <h2>Clearance limits</h2>
                <LimitTable terms={terms} keys={ROOM} label="Clearance limits" />
              </section>
              <section>
                <h2>The shop, on its papers</h2>
                <ShopFields terms={terms} />
                <LogoField mark={logo} />
              </section>
              <Backups copies={copies} daily={daily} kept={kept} />
              <ArchiveTools />
              {devices && <Devices devices={devices} own={own} />}
            </div>
            <div>
              <section>
                <h2>Hardware limits</h2>
                <LimitTable terms={terms} keys={PARTS} label="Hardware limits" />
                <p className="caution-note">
                  Fasteners and hubs are safety parts: a lower limit does not make a stronger part.
                </p>
              </section>
              <section>
                <h2>Rules</h2>
                <RuleFields terms={terms} keys={['rub', 'cover', 'winter', 'spacers', 'centring', 'nearPatterns']} />
                <p className="caution-note">
                  Covers, poke and lifts are regulated differently in every place: check your local code.
                </p>
              </section>
              <section>
                <h2>Modifications allowed by default</h2>
                <RemedyFields terms={terms} />
              </section>
              <section>
                <h2>Fit-up</h2>
                <FitUpFields terms={terms} />
                <div className="field-wrap">
                  <Button href="/reminders.ics" title="Due retorques and booked fit-ups, for your calendar">
                    Calendar feed
                  </Button>
                  <Button href="/how-far-off">How far off we were</Button>
                </div>
              </section>
              <InstrumentsLink instruments={instruments} />
              <section>
                <h2>Prices</h2>
                <PriceFields
                  terms={terms}
                  keys={[
                    'labourPerHour',
                    'spacerEach',
                    'liftKitAxle',
                    'alignment',
                    'mountBalanceEach',
                    'sensorEach',
                    'ringEach',
                    'adapterEach',
                    'fastenerSetAxle',
                    'redrillWheelEach',
                    'redrillHubEach',
                    'hubSwapEach',
                    'disposalEach',
                    'shipping',
                    'taxPct',
                  ]}
                />
              </section>
            </div>
          </div>
        </main>
      </div>
    </DraftsContext>
  );
}
