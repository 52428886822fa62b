import { isRouteErrorResponse } from 'react-router';

const NO_ANSWER = 'no answer from Scoval';

/**
 * Why a command was not carried out, in words. A device whose time is over is led to the door; what was typed is kept
 * in this browser meanwhile.
 */
export function whyRefused(thrown: unknown): string {
  if (!isRouteErrorResponse(thrown)) return NO_ANSWER;
  if (thrown.status === 401) {
    const { pathname, search } = window.location;
    window.location.assign(`/enter?to=${encodeURIComponent(pathname + search)}`);
    return 'this device is signed out';
  }
  const { why } = (thrown.data ?? {}) as { why?: unknown };
  return typeof why === 'string' ? why : NO_ANSWER;
}
