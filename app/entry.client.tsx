import { startTransition } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { HydratedRouter } from 'react-router/dom';

/**
 * Some parts of the table component make style elements without a way to hand them the page's nonce (they measure the
 * scrollbar). Every style element that scripts of this page make gets it, so that the policy can stay strict for
 * everything else.
 */
function giveStylesTheNonce(): void {
  const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce;
  if (!nonce) return;
  const create = document.createElement.bind(document);
  document.createElement = ((name: string, options?: ElementCreationOptions) => {
    const element = create(name, options);
    if (name.toLowerCase() === 'style') element.nonce = nonce;
    return element;
  }) as typeof document.createElement;
}

giveStylesTheNonce();
startTransition(() => {
  hydrateRoot(document, <HydratedRouter />);
});
