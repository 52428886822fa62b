import { capital } from '#core/text';
import './theme/faces.css';
import './theme/palette.css';
import './theme/tokens.css';
import './theme/table.css';
import './theme/forced.css';
import './ui/frame/frame.css';
import './ui/fields/fields.css';
import './ui/sheet/sheet.css';
import './ui/frame/stations.css';
import './ui/frame/print.css';
import type { ReactNode } from 'react';
import {
  isRouteErrorResponse,
  Link,
  Links,
  Meta,
  Outlet,
  Scripts,
  ScrollRestoration,
  useRouteLoaderData,
} from 'react-router';
import { readPreferences } from './preferences/cookie';
import { DEFAULT_PREFERENCES } from './preferences/preferences';
import { PreferencesProvider } from './preferences/PreferencesContext';
import { KEEP_EARLY, useEarly } from './ui/parts/early';
import { Titles } from './ui/parts/Titles';
import { usePress } from './ui/parts/usePress';
import type { Route } from './+types/root';

export const meta: Route.MetaFunction = () => [{ title: 'Scoval' }];

export async function loader({ request, context }: Route.LoaderArgs) {
  return { preferences: await readPreferences(request), nonce: context.nonce };
}

// Preferences live on in the page; only a full load reads them again.
export const shouldRevalidate = () => false;

export function Layout({ children }: { children: ReactNode }) {
  const data = useRouteLoaderData<typeof loader>('root');
  // The browser hides the attribute from scripts, so the nonce of the first HTML is handed on as a property.
  const nonce = data?.nonce;
  return (
    <html lang="en" data-theme={(data?.preferences ?? DEFAULT_PREFERENCES).theme} suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/scoval.svg" type="image/svg+xml" />
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: KEEP_EARLY }} />
        <Meta />
        <Links />
      </head>
      <body>
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

export default function Root({ loaderData }: Route.ComponentProps) {
  usePress();
  useEarly();
  return (
    <PreferencesProvider initial={loaderData.preferences}>
      <Outlet />
      <Titles />
    </PreferencesProvider>
  );
}

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const missing = isRouteErrorResponse(error) && error.status === 404;
  const said = isRouteErrorResponse(error) ? (error.data as { why?: string } | null)?.why : undefined;
  const why = said ? `${capital(said)}.` : 'This page could not be shown.';
  return (
    <main className="error-page">
      <h1>{missing ? 'Page not found' : 'Something broke'}</h1>
      <p>
        {missing
          ? 'There is no page or job at this address.'
          : `${why} Edits that were not saved yet are kept in this browser and offered again when the job is opened.`}
      </p>
      <p>
        <Link to="/" reloadDocument>
          Back to the bench
        </Link>
      </p>
    </main>
  );
}
