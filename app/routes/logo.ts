import { keepLogo, MOST_LOGO_BYTES, readLogo, removeLogo } from '#server/logo';
import { readForm } from '../requests';
import { stored } from '../stored';
import type { Route } from './+types/logo';

/** What a form adds to its file. */
const FORM_BYTES = 64 * 1024;

/** What is answered to a logo: what is wrong with it, null where it is kept or taken away. */
export interface LogoAnswer {
  fault: string | null;
}

/** The shop's logo as a picture. */
export async function loader() {
  const png = await stored(readLogo);
  if (!png) throw new Response('no logo', { status: 404 });
  return new Response(png, { headers: { 'Content-Type': 'image/png', 'Cache-Control': 'no-store' } });
}

/** Takes a logo in, PNG or SVG; a form without a file takes it away. */
export const action = ({ request }: Route.ActionArgs): Promise<LogoAnswer> =>
  stored(async () => {
    const form = await readForm(request, MOST_LOGO_BYTES + FORM_BYTES);
    if (form?.get('intent') === 'remove') {
      await removeLogo();
      return { fault: null };
    }
    const file = form?.get('file');
    if (!(file instanceof File))
      return { fault: `there is no file, or it is larger than ${MOST_LOGO_BYTES / 1024 / 1024} MB` };
    const fault = await keepLogo(new Uint8Array(await file.arrayBuffer()));
    return { fault: fault && `${file.name} ${fault}` };
  });
