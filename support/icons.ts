/** Signs without their eight hundred files: each a picture of nothing. */
const icons = new Proxy<Record<string, unknown>>(
  {},
  { get: (_, name) => (name === '__esModule' ? true : { icon: { attrs: {}, children: [] } }) },
);
module.exports = icons;
