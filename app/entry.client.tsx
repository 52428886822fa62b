import { startTransition } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { HydratedRouter } from 'react-router/dom';

startTransition(() => {
  // From here on React hears what is done to the page, and makes that part of it first.
  window.early?.handOver();
  hydrateRoot(document, <HydratedRouter />);
});
