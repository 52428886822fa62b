import type { Page } from '@playwright/test';

/** Takes a job in at a server at work; its place. */
export async function putOnBench(page: Page, address: string, job: object): Promise<string> {
  const response = await page.request.post(`${address}/?index`, {
    headers: { 'Sec-Fetch-Site': 'same-origin' },
    multipart: { file: { name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(job)) } },
    maxRedirects: 0,
  });
  const place = response.headers().location;
  if (!place) throw new Error(`not taken in: ${await response.text()}`);
  return `${address}${place}`;
}
