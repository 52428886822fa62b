import { createElement } from 'react';

/** Icons without their five thousand files: each a mark with its own name. */
const icons = new Proxy<Record<string, unknown>>(
  {},
  {
    get: (_, name) =>
      name === '__esModule' ? true : () => createElement('span', { 'aria-hidden': true, 'data-icon': String(name) }),
  },
);
module.exports = icons;
