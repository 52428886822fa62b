import { UNIT_SETS } from '#core/units';
import { readPreferences } from './cookie';
import { COOKIE_NAME, DEFAULT_PREFERENCES, GUIDE_STATES, keepPreferences, type Preferences } from './preferences';

const asked = (cookie: string | null) =>
  readPreferences(new Request('http://localhost/', cookie === null ? {} : { headers: { Cookie: cookie } }));

/** The cookie as a browser would send it back. */
function kept(preferences: Preferences): string {
  const page = { cookie: '' };
  const globals = globalThis as { document?: unknown };
  globals.document = page;
  keepPreferences(preferences);
  delete globals.document;
  expect(page.cookie).toMatch(/; path=\/; samesite=lax; max-age=31536000$/);
  return page.cookie.split(';')[0]!;
}

test.each(['mm', 'in', 'in16', 'in32'] as const)('what the browser keeps, the server reads: %s', async (unit) => {
  for (const theme of ['light', 'dark'] as const)
    for (const set of Object.values(UNIT_SETS)) {
      const { length: _, ...measures } = set;
      for (const guide of GUIDE_STATES)
        expect(await asked(`other=1; ${kept({ unit, measures, theme, guide, keys: 'off', initials: 'ØM·' })}`)).toEqual(
          {
            unit,
            measures,
            theme,
            guide,
            keys: 'off',
            initials: 'ØM·',
          },
        );
    }
});
test('nothing of what else stands beside the preferences is kept', async () => {
  const { measures } = DEFAULT_PREFERENCES;
  const more = {
    unit: 'in',
    measures,
    theme: 'dark',
    guide: 'off',
    keys: 'on',
    initials: '',
    choose: () => {},
    password: 'x',
  };
  expect(await asked(kept(more as Preferences))).toEqual({
    unit: 'in',
    measures,
    theme: 'dark',
    guide: 'off',
    keys: 'on',
    initials: '',
  });
});
test('what was kept before each quantity was chosen for itself still holds', async () => {
  const before = `${COOKIE_NAME}=${encodeURIComponent(btoa('{"unit":"in","theme":"dark"}'))}`;
  expect(await asked(before)).toEqual({ ...DEFAULT_PREFERENCES, unit: 'in', theme: 'dark' });
});
test.each([
  null,
  '',
  `${COOKIE_NAME}=`,
  `${COOKIE_NAME}=%%%`,
  `${COOKIE_NAME}=${encodeURIComponent(btoa('{"unit":"furlong","theme":"dark"}'))}`,
  `${COOKIE_NAME}=${encodeURIComponent(btoa('[1,2]'))}`,
  `${COOKIE_NAME}=${encodeURIComponent(btoa('not json'))}`,
])('nonsense gives the usual ones: %s', async (cookie) => {
  expect(await asked(cookie)).toEqual(DEFAULT_PREFERENCES);
});
