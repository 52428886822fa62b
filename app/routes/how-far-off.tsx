import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { FAMILIES } from '#core/fitting';
import { shopErrors, type ShopError } from '#server/fittingErrors';
import { readShopDefaults } from '#server/shopDefaults';
import { stored } from '../stored';
import { ShopStrip } from '../ui/frame/ShopStrip';
import { AgreementPlot, TimePlot } from '../ui/errors/ErrorPlots';
import { ErrorLine, ErrorList } from '../ui/errors/ErrorList';
import { errorsOf, errorsText } from '../ui/errors/errorsText';
import { FAMILY_NAMES } from '../ui/errors/families';
import { FamilyTable } from '../ui/errors/FamilyTable';
import { FollowSwitch } from '../ui/errors/FollowSwitch';
import { useOnClient } from '../ui/controls/useOnClient';
import type { Route } from './+types/how-far-off';
import '../ui/errors/errors.css';
import '../ui/frame/shop.css';

export const meta: Route.MetaFunction = () => [{ title: 'How far off we were · Scoval' }];

export async function loader({ request }: Route.LoaderArgs) {
  const asked = new URL(request.url).searchParams.get('figures');
  const family = FAMILIES.find((one) => one === asked) ?? null;
  return stored(async () => {
    const { errors, ...shown } = await shopErrors(family);
    return { ...shown, told: errorsText(errors), followed: (await readShopDefaults()).ownError ?? null };
  });
}

/** What the car said to what was predicted, over all finished fittings of the shop. */
export default function HowFarOffPage({ loaderData }: Route.ComponentProps) {
  const { families, readings, fittings, family, told, leftOut, followed } = loaderData;
  const errors = useMemo(() => errorsOf(told), [told]);
  const [, setParams] = useSearchParams();
  const [pressed, pick] = useState<ShopError | null>(null);
  const picked = pressed?.family === family ? pressed : null;
  const plot = { family, errors, picked, pick };
  // Times are drawn by the reader's own clock.
  const isLocal = useOnClient<boolean>(() => true, false);
  return (
    <div className="shop-page">
      <ShopStrip>what the cars said to what was predicted</ShopStrip>
      <main className="shop-main errors-page" id="page" tabIndex={-1}>
        <h1>How far off we were</h1>
        {readings === 0 ? (
          <p>
            Nothing to compare yet. Read poke and clearances at a fit-up and close it: each reading is held here against
            its prediction.
          </p>
        ) : (
          <>
            <p className="soft">
              {readings.toLocaleString('en-US')} readings of {fittings.toLocaleString('en-US')} finished fittings, each
              against what was predicted when it began.
              {leftOut.length > 0 && ` Left out, too long to compare: ${leftOut.join(', ')}.`}
            </p>
            <FamilyTable
              families={families}
              family={family}
              followed={followed}
              choose={(one) => setParams({ figures: one }, { replace: true, preventScrollReset: true })}
            />
            <FollowSwitch on={followed !== null} />
            {errors.length === 0 ? (
              <p>No finished fitting has a reading of this yet.</p>
            ) : (
              isLocal && (
                <>
                  <section className="error-plots" aria-label={FAMILY_NAMES[family]}>
                    <AgreementPlot {...plot} />
                    <TimePlot {...plot} biasMm={families[family].biasMm} />
                  </section>
                  <div aria-live="polite">{picked && <ErrorLine error={picked} />}</div>
                  <ErrorList errors={errors} of={families[family].n} />
                </>
              )
            )}
            <p className="soft">Press a point to read it. A square is beyond its ±; the dashed line is the bias.</p>
          </>
        )}
      </main>
    </div>
  );
}
