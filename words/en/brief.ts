import type { BriefReason } from '#core/brief/index';
import type { Brief } from '#core/plan/index';
import { texts } from '../messages';

export const REASONS: Record<BriefReason, string> = texts({
  'no-mechanical-egress': 'Nothing mechanical opens it from inside, so people must get out without power.',
  'traps-people': 'Without power and without a lever, anybody inside is trapped.',
  'rescuers-need-entry': 'The fire service must get in without power.',
  'rescuers-locked-out': 'The fire service would have to break in.',
  'valuables-stay-locked': 'Cutting the power must not open a door that protects valuables.',
  'opens-with-the-power': 'Anybody who cuts the power or sets off the alarm walks in.',
  'fire-door-keeps-latching': 'A fire door keeps latching, with or without power.',
  'fire-door-may-not-latch':
    'A fire door must stay latched: use a fail-safe lock that holds its latch, never a plain release.',
  'lever-always-opens': 'The lever or bar lets people out whatever the power does.',
  'power-cut-keeps-shut': 'A power cut leaves the door locked, and no current flows at rest.',
  'needs-exit-and-break': 'It needs an exit device, an emergency break in the lock power and a fire release.',
});

export const QUESTIONS: Record<Exclude<keyof Brief, 'assumed'>, { label: string; hint: string }> = texts({
  protects: { label: 'What does it protect?', hint: 'Decides whether a power cut may unlock it.' },
  escapeRoute: { label: 'Is it on an escape route?', hint: 'If so, a door that can trap people is a stop.' },
  mechanicalEgress: {
    label: 'Can people always leave by a lever or bar?',
    hint: 'One that retracts the latch with no power at all. It does not release a magnet.',
  },
  rescuers: { label: 'Must the fire service get in without power?', hint: 'Fire crew, ambulance.' },
  keyOverride: {
    label: 'Does a key open it from outside without power?',
    hint: 'A cylinder that retracts the latch. It does not release a magnet.',
  },
  fireDoor: { label: 'Is it a fire door that must stay latched?', hint: 'See the label on its edge.' },
  ownLatch: {
    label: 'Does a latch of its own keep it closed when unlocked?',
    hint: 'One that falls into a fixed strike plate and is retracted by a handle. The latch of a strike does not count: released, it lets the door open.',
  },
  bothLeaves: {
    label: 'Must both leaves open for everybody to get out?',
    hint: 'Where the escape route needs the full width, a second leaf that stays locked halves it.',
  },
  delayedEgress: {
    label: 'May the exit be delayed?',
    hint: 'Whoever pushes is let out after the delay; a fire or a loss of power releases it at once. Only where the local code allows it.',
  },
  outdoors: {
    label: 'Is the outside exposed to weather?',
    hint: 'Devices outside then need a weatherproof housing.',
  },
  slowWalkers: { label: 'People with slower walking speed?', hint: 'Lengthens the recommended unlock time.' },
  readerDistance: { label: 'From reader to handle', hint: 'The distance walked after showing a card.' },
});

export const DELAYS: Readonly<Record<string, string>> = texts({
  0: 'No',
  15: 'Up to 15 s',
  30: 'Up to 30 s',
});

export const PROTECTS: Record<NonNullable<Brief['protects']>, string> = texts({
  people: 'People',
  valuables: 'Valuables',
  equipment: 'Equipment',
  general: 'Ordinary',
});
