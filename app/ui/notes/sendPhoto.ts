import type { PhotoAnswer } from '../../routes/photos';

const REFUSED: Readonly<Record<number, string>> = { 401: 'is not saved: this device is signed out' };

/** Sends a picture to the server, to be kept: the photo, or why it is not kept. */
export async function sendPhoto(file: File): Promise<PhotoAnswer> {
  const form = new FormData();
  form.set('file', file);
  try {
    const answer = await fetch('/photos', { method: 'POST', body: form });
    if (answer.ok) return (await answer.json()) as PhotoAnswer;
    return { fault: REFUSED[answer.status] ?? 'is not saved: the server refused it, try again' };
  } catch {
    return { fault: 'is not saved: no answer from Scoval, try again' };
  }
}
