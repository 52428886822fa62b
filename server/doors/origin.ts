import type { IncomingHttpHeaders } from 'node:http';
import type { RequestHandler } from 'express';

const READS = ['GET', 'HEAD', 'OPTIONS'];
const METHODS = [...READS, 'POST'];

/** What may be sent besides JSON, and where: a file in a form, a zip as it is. */
const ALSO_TAKEN: Readonly<Record<string, RegExp>> = {
  'multipart/form-data': /^\/((_root|shelf|photos|price-lists|logo)(\.data)?)?$/,
  'application/zip': /^\/(job-zips|archive)$/,
};

/** Whether a call comes from a page of this very address, or from no page at all. */
function isSameOrigin({ host, origin, 'sec-fetch-site': site }: IncomingHttpHeaders): boolean {
  // Browsers say it themselves; the others say where the page is from.
  if (site !== undefined) return site === 'same-origin';
  if (origin === undefined) return false;
  try {
    return new URL(origin).host === host?.toLowerCase();
  } catch {
    return false;
  }
}

/** Whether another site's page only leads here by a link, or asks for nothing of another site. */
const mayRead = ({ 'sec-fetch-site': site, 'sec-fetch-mode': mode, 'sec-fetch-dest': dest }: IncomingHttpHeaders) =>
  site === undefined || site === 'same-origin' || site === 'none' || (mode === 'navigate' && dest === 'document');

/**
 * What may be asked, and from where: pages of this address alone change anything, and only as JSON, or as a file where
 * one is taken. Else 405, 403 and 415.
 */
export const originDoor: RequestHandler = (request, response, next) => {
  const refuse = (status: number, words: string) => void response.status(status).type('text').send(`${words}\n`);
  if (!METHODS.includes(request.method)) {
    response.setHeader('Allow', METHODS.join(', '));
    return refuse(405, 'This cannot be done here.');
  }
  if (READS.includes(request.method))
    return mayRead(request.headers) ? next() : refuse(403, 'Pages of other sites cannot read this.');
  if (!isSameOrigin(request.headers)) return refuse(403, 'Only Scoval’s own pages can change anything.');
  const type = (request.headers['content-type'] ?? '').split(';')[0]!.trim().toLowerCase();
  const isTaken = type === 'application/json' || (ALSO_TAKEN[type]?.test(request.path) ?? false);
  return isTaken ? next() : refuse(415, 'Only JSON is accepted here.');
};
