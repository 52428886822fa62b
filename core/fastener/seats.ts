/** The form of the seat that a nut or bolt presses on. */
export const SEATS = ['cone60', 'ball-r12', 'ball-r13', 'ball-r14', 'flat'] as const;
export type Seat = (typeof SEATS)[number];

/** What the form of a seat is called in the trade. */
export const SEAT_NAMES: Record<Seat, string> = {
  cone60: 'cone 60°',
  'ball-r12': 'ball R12',
  'ball-r13': 'ball R13',
  'ball-r14': 'ball R14',
  flat: 'flat or shank',
};
