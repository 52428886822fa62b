/** Which verdicts the present rules made others, and why; docs/rules.md has the same by version. */
export const RULE_CHANGES: readonly string[] = [
  'A clearance is clear only where the chance of contact is at most 5 %.',
  'A wheel is hollow: what stands inside its barrel no longer touches by being there.',
  'A lip made from the gaps at rest stands where the leaning wheel was read.',
  'Fender clearance at rest says nothing where nobody knows how far the wheel comes up.',
  'A speedometer that no error within its band could save does not fit; one that some could is with care.',
  "Front to rear: the change of the car's own ratio counts; more than 3 % is care on two driven wheels.",
  'A rear axle does not steer; its camber gain goes by its kind.',
  'Center bores within 0.15 mm are one size.',
  'A dry fit that is not flush does not fit, whatever the figures say.',
  'A closed nut that bottoms before it clamps does not hold.',
  'A winter tire of a lower speed rating is with care where winter is asked for.',
  'The wheel on the car now clears its brake behind a spacer as well.',
  'Tread width of light-truck and flotation tires is wider; rim ranges of some sizes are others.',
];
