/** Where a car is looked at from. */
export const STANCE_VIEWS = ['quarter', 'wheel', 'front', 'rear', 'behind', 'above'] as const;
export type StanceView = (typeof STANCE_VIEWS)[number];

export const VIEW_NAMES: readonly (readonly [StanceView, string])[] = [
  ['quarter', 'Three-quarter'],
  ['wheel', 'Wheel'],
  ['front', 'Down the side'],
  ['rear', 'Up the side'],
  ['behind', 'Behind'],
  ['above', 'Above'],
];

/** What each view is, as it is said of a picture. */
export const VIEW_WORDS: Record<StanceView, string> = {
  quarter: 'three-quarter view',
  wheel: 'crouching at the wheel',
  front: 'down the side from the front',
  rear: 'up the side from the rear',
  behind: 'from behind, standing',
  above: 'from above',
};

/** How the body is shown: as it is, so that what is behind it is seen, or not at all. */
export const BODY_LOOKS = ['solid', 'clear', 'off'] as const;
export type BodyLook = (typeof BODY_LOOKS)[number];
export const BODY_NAMES: readonly (readonly [BodyLook, string])[] = [
  ['solid', 'Solid'],
  ['clear', 'See-through'],
  ['off', 'Off'],
];

/** What is written on the picture. */
export const FIGURES = ['poke', 'all', 'off'] as const;
export type Figures = (typeof FIGURES)[number];
export const FIGURE_NAMES: readonly (readonly [Figures, string])[] = [
  ['poke', 'Poke'],
  ['all', 'Dimensions'],
  ['off', 'None'],
];

/** Whether a plane is laid through the lips. */
export const FLUSH = ['off', 'on'] as const;
export type Flush = (typeof FLUSH)[number];

/** Two at once: one on either side of a divider, or laid over each other. */
export const PAIRINGS = ['divided', 'over'] as const;
export type Pairing = (typeof PAIRINGS)[number];
export const PAIRING_NAMES: readonly (readonly [Pairing, string])[] = [
  ['divided', 'Divided'],
  ['over', 'Laid over'],
];

/** What is looked at beside the raised setup: no setup can be called so, with a full stop before it. */
export const NOTHING = '.none';
export const CAR_NOW = '.now';
export const OTHER_AXLE = '.axle';
