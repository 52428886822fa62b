import type { ShelfKind } from '#core/shelf';

/** What the kinds of the shelf are called. */
export const KIND_NAMES: Record<ShelfKind, { one: string; many: string }> = {
  spacer: { one: 'Spacer', many: 'Spacers' },
  adapter: { one: 'Adapter', many: 'Adapters' },
  ring: { one: 'Ring', many: 'Rings' },
  fastener: { one: 'Fastener', many: 'Fasteners' },
  tire: { one: 'Tire', many: 'Tires' },
  wheel: { one: 'Wheel', many: 'Wheels' },
  caliper: { one: 'Brake', many: 'Brakes' },
};
