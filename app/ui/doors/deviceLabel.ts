/** What a device is called in the shop's list: its kind, as its browser tells it, and where on the network it is. */
export function deviceLabel(agent: string, address: string): string {
  const kind = /iPad|Tablet|Android(?!.*Mobile)/.test(agent) ? 'Tablet' : /Mobi/.test(agent) ? 'Phone' : 'Computer';
  return `${kind} at ${address.replace(/^::ffff:/, '')}`;
}
