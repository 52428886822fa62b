/** Which verdicts the present rules made others, and why; docs/rules.md has the same by version. */
export const RULE_CHANGES: readonly string[] = [
  'A clearance is clear only where the chance of contact is at most 5 %.',
  'A wheel is hollow: a part inside its barrel no longer counts as touching.',
  'A lip made from the gaps at rest sits where the leaning wheel was measured.',
  'Fender clearance at rest says nothing until the travel is known.',
  'A speedometer out of its band whatever its error does not fit; one that may be within it is with care.',
  "Front to rear: the change from the car's own ratio counts; on two driven wheels more than 3 % is with care.",
  'A rear axle does not steer; its camber gain follows its kind.',
  'Center bores within 0.15 mm are one size.',
  'A dry fit that is not flush does not fit, whatever the figures say.',
  'A closed nut that bottoms before it clamps does not hold.',
  'A winter tire of a lower speed rating is with care where winter is asked for.',
  'The wheel on the car now also clears its brake with a spacer added.',
  'Light-truck and flotation tires have a wider tread; rim ranges of some sizes changed.',
];
