import type { BriefReason } from '#core/brief/index';
import type { Brief } from '#core/plan/index';
import { texts } from '../messages';

export const REASONS: Record<BriefReason, string> = texts({
  'no-mechanical-egress':
    'Nothing mechanical opens it from inside, so people must get out when the power is dead.',
  'traps-people': 'Without power and without a lever, whoever is inside is trapped.',
  'rescuers-need-entry': 'Rescuers must get in when the power is dead.',
  'rescuers-locked-out': 'Rescuers would have to break in.',
  'valuables-stay-locked': 'Cutting the power must not open what holds valuables.',
  'opens-with-the-power': 'Anyone who cuts the power, or sets off the alarm, walks in.',
  'fire-door-keeps-latching': 'A fire door keeps latching, with or without power.',
  'fire-door-may-not-latch':
    'A fire door must stay latched: use a fail-safe lock that holds its latch, never a plain release.',
  'lever-always-opens': 'The lever or bar lets people out whatever the power does.',
  'power-cut-keeps-shut': 'A power cut leaves the door locked, and no current flows at rest.',
  'needs-exit-and-break': 'It needs an exit device, an emergency break in the lock power and a fire release.',
});

export const QUESTIONS: Record<Exclude<keyof Brief, 'assumed'>, { label: string; hint: string }> = texts({
  protects: { label: 'What does it protect?', hint: 'Decides whether a power cut may open it.' },
  escapeRoute: { label: 'Is it on an escape route?', hint: 'If so, a door that can trap people is a stop.' },
  mechanicalEgress: {
    label: 'Can people always leave by a lever or bar?',
    hint: 'One that retracts the latch with no power at all. It does not free a magnet.',
  },
  rescuers: { label: 'Must rescuers get in when the power is dead?', hint: 'Fire crew, first aid.' },
  keyOverride: {
    label: 'Does a key open it from outside without power?',
    hint: 'A cylinder that draws the latch. It frees no magnet.',
  },
  fireDoor: { label: 'Is it a fire door that must stay latched?', hint: 'The label on its edge tells.' },
  ownLatch: {
    label: 'Does a latch of its own hold it shut when unlocked?',
    hint: 'One that falls into a fixed keep and a handle draws. A strike’s latch is none: released, it lets go.',
  },
  bothLeaves: {
    label: 'Must both leaves open for everybody to get out?',
    hint: 'Where the escape route counts on the full width, a second leaf that stays locked halves it.',
  },
  delayedEgress: {
    label: 'May the way out be delayed?',
    hint: 'Who pushes is let out when the time is over; fire and a loss of power let go at once. Only where the local code allows it.',
  },
  outdoors: {
    label: 'Is the outer side in the weather?',
    hint: 'What stands outside then needs a housing for it.',
  },
  slowWalkers: { label: 'People with slower walking speed?', hint: 'Lengthens the recommended unlock time.' },
  readerDistance: { label: 'From reader to handle', hint: 'The way somebody walks after showing a card.' },
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
