import { amps, num, volts, type Words } from './text';

/** Findings about what devices need, buses, intercoms, bells, operators and the weather. */
export const HARDWARE_FINDINGS = {
  'wrong-current': {
    title: (v) => `${v['tag']} gets the wrong kind of current`,
    reason: (v) =>
      `${volts(v, 'measured')} at ${v['terminal']}: it is made for the other kind. Alternating current destroys direct-current boards, and a direct-current coil on it only hums.`,
  },
  'driven-output': {
    title: (v) => `Voltage on the low-level output ${v['terminal']}`,
    reason: (v) =>
      `${volts(v, 'measured')} from outside; it bears ${volts(v, 'limit')}. A speaker or chime output feeds its bell by itself and takes no applied voltage.`,
  },
  'sensor-without-supply': {
    title: (v) => `${v['tag']} has no supply`,
    reason: (v) =>
      `A plain button needs none, a sensor does: below ${volts(v, 'needs')} it never closes its contact, and nobody gets out by it.`,
  },
  'common-missing': {
    title: (v) => `${v['tag']} and ${v['controller'] || 'the controller'} share no 0 V`,
    reason: () =>
      'The data lines arrive, but there is nothing to read them against. Join the 0 V of both supplies.',
  },
  'bus-forked': {
    title: (v) => `The bus forks at ${v['tag']}`,
    reason: () =>
      'A bus is one line from device to device. Branches reflect every bit: lay it in and out again.',
  },
  'bus-unterminated': {
    title: (v) => `${v['tag']} ends the bus without its terminator`,
    reason: () => 'Both ends of the line, and only they, have their 120 Ω switched on.',
  },
  'bus-terminated-midway': {
    title: (v) => `${v['tag']} has its terminator on in the middle of the bus`,
    reason: () => 'A third 120 Ω loads the line until nobody is understood. Switch it off.',
  },
  'bus-too-long': {
    title: (v) => `The bus of ${v['tag']} is too long`,
    reason: (v) => `${Math.round(num(v, 'measured'))} m; RS-485 carries about ${v['limit']} m.`,
  },
  'bus-overloaded': {
    title: (v) => `Too many devices on the bus of ${v['tag']}`,
    reason: (v) => `${v['measured']} unit loads; one segment drives ${v['limit']}.`,
  },
  'address-clash': {
    title: (v) => `${v['tag']} and ${v['other']} have the same address`,
    reason: (v) => `Both answer to ${v['measured']}, and neither is understood. Set another on the switches.`,
  },
  'address-of-other-door': {
    title: (v) => `${v['tag']} answers for another door`,
    reason: (v) =>
      `Address ${v['measured']} belongs to the controller’s other door: a card here opens there. Odd for its first door, even for its second.`,
  },
  'reader-kind': {
    title: (v) => `${v['tag']} does not speak what ${v['other']} hears`,
    reason: (v) =>
      v['kind'] === 'bus'
        ? 'It talks on an RS-485 pair; this controller has no bus. Take a Wiegand reader, or another controller.'
        : 'It talks Wiegand; this controller hears readers on a bus only. Take an RS-485 reader, or another controller.',
  },
  'network-address-open': {
    title: (v) => `${v['tag']} has no network address noted`,
    reason: () => 'Note the address and the hardware number from its screen before it is mounted.',
  },
  'network-address-clash': {
    title: (v) => `${v['tag']} and ${v['other']} have the same network address`,
    reason: (v) => `Both are ${v['address']}: they take turns in disappearing.`,
  },
  'channel-clash': {
    title: (v) => `Two door stations on channel ${v['channel']}`,
    reason: (v) =>
      `${v['devices']} speak at once, and one key opens both doors. Each door has a channel of its own.`,
  },
  'channel-beyond': {
    title: (v) => `${v['tag']} is on a channel that nobody answers`,
    reason: (v) => `Channel ${v['measured']}; the answering stations have ${v['limit']}.`,
  },
  'channel-line-differs': {
    title: (v) => `${v['tag']} is wired to another channel than it is set to`,
    reason: (v) =>
      `Its line lands on ${v['measured']}, it is set to ${v['channel']}: the call lights the wrong key.`,
  },
  'intercom-second-supply': {
    title: () => 'Two supplies in one intercom set',
    reason: (v) => `${v['devices']}: a set has one. Two make it hum, or one feeds into the other.`,
  },
  'intercom-no-supply': {
    title: (v) => `Intercom set ${v['name']} has no supply`,
    reason: () => 'Add the one supply of the set.',
  },
  'intercom-no-answer': {
    title: (v) => `Nobody answers in intercom set ${v['name']}`,
    reason: () => 'Add an answering station.',
  },
  'jumper-with-three-cores': {
    title: (v) => `${v['tag']} has three cores and its jumper still in`,
    reason: () =>
      'With E and minus both wired the jumper ties them together at the door: the speech hums. Take it out.',
  },
  'jumper-missing': {
    title: (v) => `${v['tag']} has two cores and no jumper`,
    reason: () => 'Its minus leads nowhere: put the jumper between E and minus in, or lay the third core.',
  },
  'key-releases-nothing': {
    title: (v) => `The key of ${v['tag']} releases nothing`,
    reason: (v) =>
      v['relay']
        ? `Channel ${v['channel']} should work ${v['relay']}; pressed, the lock stays as it is.`
        : `Pressed, the lock stays as it is. ${v['channel'] ? 'The door has no release relay on this channel.' : 'Its lock voltage reaches no relay that works the exit input.'}`,
  },
  'call-not-crossed': {
    title: (v) => `The call of ${v['tag']} does not reach the other station`,
    reason: () =>
      'The call terminal of each answering station leads to the other’s bell: crossed, not straight.',
  },
  'bell-silent': {
    title: (v) => `${v['tag']} rings nothing`,
    reason: () => 'Pressed, no bell gets its voltage and no bell input closes.',
  },
  'second-output-idle': {
    title: (v) => `The second relay of ${v['tag']} moves no lock`,
    reason: () =>
      'For a strike it stands in parallel with the first (both normally open), for a magnet in series (both normally closed).',
  },
  'operator-unasked': {
    title: (v) => `Nothing asks ${v['tag']} to open`,
    reason: () => 'A valid credential does not close its activation input.',
  },
  'operator-blocked': {
    title: (v) => `${v['tag']} pushes against a locked door`,
    reason: () =>
      'When it begins to open, the lock still holds. Its own lock relay must stand in the lock’s power.',
  },
  'operator-too-soon': {
    title: (v) => `${v['tag']} opens before the lock can let go`,
    reason: (v) =>
      `It waits ${v['measured']} s. A latch under pressure does not come free: give it one second.`,
  },
  'contact-inrush': {
    title: (v) => `${v['tag']} draws more at first than ${v['other']} may switch`,
    reason: (v) => `${amps(v, 'measured')} for an instant; the contact is rated ${amps(v, 'limit')}.`,
  },
  'not-weatherproof': {
    title: (v) => `${v['tag']} is not made for outdoors`,
    reason: (v) => `Its housing is ${v['ip']}; in the weather it takes IP44 or better.`,
  },
  'throws-before-shut': {
    title: (v) => `${v['tag']} may fire before the door is shut`,
    reason: (v) =>
      `It jams then. Let ${v['other']} lock again when the door closes, and give it a contact that knows.`,
  },
  'capacity-exceeded': {
    title: (v) => `More people than ${v['tag']} holds`,
    reason: (v) => `${v['measured']} are listed for this door; it holds ${v['limit']}.`,
  },
  'fire-through-controller': {
    title: (v) => `${v['tag']} only asks ${v['other']}`,
    reason: () =>
      'A controller that hangs does not let go. The fire contact belongs in the lock’s own power, or on the fire input of the supply that feeds it.',
  },
} satisfies Record<string, Words>;
