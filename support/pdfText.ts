import { execFileSync } from 'node:child_process';

/** The words of a PDF, page by page, as another library reads them. */
export const pdfText = (bytes: Uint8Array): string[] =>
  JSON.parse(execFileSync(process.execPath, ['support/pdfText.mjs'], { input: bytes, encoding: 'utf8' })) as string[];
