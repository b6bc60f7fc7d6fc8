/** Situations that a door is proven in, in the order in which they are told. */
export const SITUATION_IDS = [
  'rest',
  'credential',
  'credential-inside',
  'wrong-credential',
  'exit',
  'left-open',
  'forced',
  'mains-off',
  'battery-low',
  'supply-dead',
  'dead',
  'power-back',
  'fire',
  'fire-burnt',
  'fire-power',
  'fire-reset',
  'break-glass',
  'break-glass-reset',
  'controller-hung',
  'controller-dead',
  'network-lost',
  'lockdown',
  'partner-open',
  'partner-unlocked',
  'tamper',
  'other-door',
  'card-after-other-door',
] as const;
export type SituationId = (typeof SITUATION_IDS)[number];

/** Sides from which a door is tried. */
export const SIDES_OF_A_DOOR = ['outside', 'inside'] as const;
export type Side = (typeof SIDES_OF_A_DOOR)[number];

/** What must be so: the way must be open, must be shut, or either is right. `freely` asks for no act at all. */
export const EXPECTATIONS = ['must', 'must-freely', 'must-not', 'may'] as const;
export type Expectation = (typeof EXPECTATIONS)[number];
