import {
  amps,
  volts,
  num,
  list,
  situations,
  loopName,
  REASONS,
  gaugeHint,
  stateSentence,
  stateVerb,
  codeProblemWords,
  type Words,
} from './text';

/** Findings of loops, power, release, data, timing and credentials. */
export const LOOP_FINDINGS = {
  'no-lock': {
    title: () => 'No lock yet',
    reason: () => 'Add a lock: without one nothing about this door can be proven.',
  },
  'no-supply': {
    title: () => 'No supply yet',
    reason: () => 'Nothing feeds this door. Add a supply, or join it to one of the site.',
  },
  'no-decider': {
    title: () => 'Nothing decides who may enter',
    reason: () => 'Add a controller or a keypad.',
  },
  'loop-broken': {
    title: (v) => `The ${loopName(String(v['kind']))} loop of ${v['tag']} is open`,
    reason: (v) => `Nothing joins ${v['from']} and ${v['to']}.`,
  },
  'link-missing': {
    title: (v) => `The link to ${v['to']} is missing`,
    reason: (v) =>
      `A dry contact only switches. Without a link from ${v['from']} to ${v['to']} no power reaches ${v['tag']}.`,
  },
  'loop-reversed': {
    title: (v) => `${v['tag']} is wired plus to minus`,
    reason: (v) =>
      `The supply's plus lands on the minus of ${v['tag']}. Swap the two conductors at the lock.`,
  },
  'wrong-throw': {
    title: (v) => `${v['tag']} is on ${v['wrong']}: the door is inverted`,
    reason: (v) =>
      `A ${v['state']} lock sits on ${v['right']}. On ${v['wrong']} it does the opposite of what it should.`,
  },
  'dead-state-differs': {
    title: (v) => `${v['tag']} is ${v['real']}, the door is to be ${v['wanted']}`,
    reason: (v) =>
      `Chosen for this door: ${stateSentence(String(v['wanted']))}. ${v['tag']} ${stateVerb(String(v['real']))}.`,
  },
  'driven-input': {
    title: (v) => `Voltage on the dry input ${v['terminal']}`,
    reason: (v) =>
      `${volts(v, 'measured')} from outside on an input with its own ${volts(v, 'limit')}. It takes a contact, never a voltage.`,
  },
  'reversed-device': {
    title: (v) => `${v['tag']} is fed backwards`,
    reason: (v) => `${volts(v, 'measured')} at ${v['terminal']}. Swap plus and minus before power.`,
  },
  'over-voltage': {
    title: (v) => `Too much voltage at ${v['tag']}`,
    reason: (v) => `${volts(v, 'measured')}; it bears ${volts(v, 'limit')}.`,
  },
  'contact-overload': {
    title: (v) => `A contact of ${v['tag']} carries too much`,
    reason: (v) => `${amps(v, 'measured')} through ${v['terminal']}; rated ${amps(v, 'limit')}.`,
  },
  'supply-overload': {
    title: (v) => `${v['tag']} is at its current limit`,
    reason: (v) =>
      `It delivers all it can, ${amps(v, 'limit')}: a short or too many loads. Its voltage has collapsed.`,
  },
  'terminal-full': {
    title: (v) => `Too many conductors in ${v['terminal']}`,
    reason: (v) => `${v['measured']} conductors; the terminal takes ${v['limit']}. Use a joint.`,
  },
  'device-unfed': {
    title: (v) => `${v['tag']} does not start`,
    reason: (v) => `Its loop is closed but it gets less than the ${volts(v, 'needs')} it needs.`,
  },
  restless: {
    title: (v) => `${v['tag']} never comes to rest`,
    reason: () =>
      'It switches itself on and off: chatter of a relay, or a voltage that collapses as soon as it starts.',
  },
  'exit-dead': {
    title: (v) => `${v['tag']} releases nothing`,
    reason: (v) =>
      `Used at rest, ${v['tag']} moves no lock. Check its contact, its supply and the input it lands on.`,
  },
  'contact-unseen': {
    title: (v) => `Nobody sees ${v['tag']}`,
    reason: () =>
      'Opening the door changes no input. Land the contact on the controller, or its alarms and re-lock on close stay blind.',
  },
  'contact-inverted': {
    title: (v) => `${v['tag']} reads the wrong way round`,
    reason: () =>
      'The input is closed while the door is open. The contact must be closed when the door is closed.',
  },
  'no-suppression': {
    title: (v) => `No suppression at ${v['tag']}`,
    reason: (v) =>
      `The coil of ${v['tag']} throws a spike at the contact each time it is cut. Put a flyback diode across it, stripe to plus.`,
  },
  'spare-wire': {
    title: (v) =>
      num(v, 'count') === 1 ? 'A wire belongs to no loop' : `${v['count']} wires belong to no loop`,
    reason: (v) => `${v['wires']}. Land them, or cap each on its own.`,
  },
  'lock-under-voltage': {
    title: (v) => `${v['tag']} gets too little voltage`,
    reason: (v) => `Lowest ${volts(v, 'measured')}; it needs ${volts(v, 'limit')}.${gaugeHint(v)}`,
  },
  'device-under-voltage': {
    title: (v) => `${v['tag']} gets too little voltage`,
    reason: (v) => `Lowest ${volts(v, 'measured')}; it needs ${volts(v, 'limit')} to start.${gaugeHint(v)}`,
  },
  'lock-voltage-sound': {
    title: () => 'Voltage at the lock',
    reason: (v) =>
      `${v['tag']}: ${volts(v, 'volts')}; lowest ${volts(v, 'measured')} on battery at cut-off. Needs ${volts(v, 'limit')}.`,
  },
  headroom: {
    title: (v) => `${v['tag']} has no headroom`,
    reason: (v) =>
      `Worst case ${amps(v, 'measured')} of ${amps(v, 'rated')}; with a quarter to spare ${amps(v, 'limit')} is allowed.`,
  },
  'battery-short': {
    title: (v) => `The battery of ${v['tag']} does not last`,
    reason: (v) => `${num(v, 'measured').toFixed(1)} h at the end of its life; ${v['limit']} h asked.`,
  },
  'battery-sound': {
    title: () => 'The battery lasts',
    reason: (v) =>
      `${v['tag']}: ${num(v, 'measured').toFixed(1)} h with an aged battery; ${v['limit']} h asked.`,
  },
  'no-battery': {
    title: (v) => `${v['tag']} has no battery`,
    reason: () => 'When the mains fails, everything on it is dead at once.',
  },
  'brief-open': {
    title: (v) =>
      num(v, 'count') === 1
        ? 'One question of the brief is open'
        : `${v['count']} questions of the brief are open`,
    reason: () => 'What hangs on them is not proven until they are answered.',
  },
  'dead-state-open': {
    title: () => 'Choose the dead state',
    reason: (v) => `Recommended: ${v['state']}, ${stateSentence(String(v['state']))}.`,
  },
  'traps-people': {
    title: () => 'This door can trap people',
    reason: () =>
      'It stays locked when dead and nothing mechanical opens it from inside. Fit a lever or bar that retracts the latch, or make it fail-safe.',
  },
  'dead-state-overridden': {
    title: (v) => `Dead state chosen against the recommendation: ${v['state']}`,
    reason: (v) => `${v['reason'] || 'No reason given'}${v['by'] ? ` (${v['by']})` : ''}.`,
  },
  'no-break-glass': {
    title: () => 'No emergency break',
    reason: () =>
      'A lock that needs power to hold must be openable by cutting its power at the door. Add a break glass in both legs of the lock supply.',
  },
  'break-in-one-leg': {
    title: (v) => `${v['tag']} breaks one leg only`,
    reason: (v) =>
      `It lets ${v['lock']} go, but a second fault in the other leg could feed it round the break. A double pole covers both.`,
  },
  'break-not-in-lock-power': {
    title: (v) => `${v['tag']} does not break the lock power`,
    reason: (v) =>
      `No pole of ${v['tag']} lies between the supply and ${v['lock']}. An input-only break is no break.`,
  },
  'break-both-legs': {
    title: () => 'Break glass cuts both legs',
    reason: (v) => `${v['tag']} stands in the supply and the return of ${v['lock']}.`,
  },
  'fire-unwatched': {
    title: (v) => `A cut wire at ${v['tag']}’s fire input goes unseen`,
    reason: () =>
      'Its contact closes on alarm: nothing notices a broken wire before the fire. A contact that opens on alarm releases when the wire is cut.',
  },
  'fire-not-latched': {
    title: () => 'Fire release can be undone by the fire',
    reason: (v) =>
      `${v['tag']} is not latched. If its pair burns through, ${v['wire'] || 'the lock loop'} is fed again and ${v['lock']} re-locks.`,
  },
  'no-fire-release': {
    title: () => 'No fire release in the plan',
    reason: () =>
      'What the door does in a fire is not proven. Add a fire relay in the lock power, or state who decides that none is needed.',
  },
  'opens-when-dead': {
    title: () => 'Opens when dead',
    reason: (v) => `All supplies off: ${v['tag']} lets go.`,
  },
  'stays-shut-when-dead': {
    title: () => 'Stays locked when dead, and people get out',
    reason: (v) => `All supplies off: ${v['tag']} stays locked; the lever opens from inside.`,
  },
  'locked-in': {
    title: (v) =>
      `Somebody can be locked in: ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
    reason: (v) => `No way out in: ${situations(v)}.`,
  },
  'not-released': {
    title: (v) =>
      `Does not let people out freely: ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
    reason: (v) => `They must act to get out in: ${situations(v)}.`,
  },
  'locked-out': {
    title: (v) =>
      `Does not open from outside: ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
    reason: (v) => `Should open in: ${situations(v)}.`,
  },
  'not-kept-out': {
    title: (v) => `Open to anyone: ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
    reason: (v) => `Should stay shut in: ${situations(v)}.`,
  },
  'not-proven': {
    title: () => 'Some situations are not proven',
    reason: (v) =>
      `${list(v['reasons'])
        .map((r) => REASONS[r] ?? r)
        .join('; ')}.`,
  },
  'card-lost': {
    title: (v) => `Cards at ${v['tag']} reach nobody`,
    reason: () => 'Neither data line moves an input. Check D0, D1 and the common 0 V.',
  },
  'card-lines-swapped': {
    title: (v) => `D0 and D1 of ${v['tag']} are crossed`,
    reason: (v) => `${v['controller']} sees every bit inverted: the card reads, with a wrong number.`,
  },
  'card-line-missing': {
    title: (v) => `A data line of ${v['tag']} is missing`,
    reason: (v) => `${v['controller']} sees one line only: the reader beeps, the door stays shut.`,
  },
  'reader-dead': {
    title: (v) => `${v['tag']} has no power`,
    reason: () => 'The reader does not start, so no card can be read.',
  },
  'card-arrives': {
    title: () => 'Cards arrive whole',
    reason: (v) => `Both data lines of ${v['tag']} move the inputs of ${v['controller']}.`,
  },
  'unlock-too-short': {
    title: () => 'Unlock time is short for the way',
    reason: (v) => `${v['measured']} s set; ${v['limit']} s for ${v['distance']} m from reader to handle.`,
  },
  'unlock-below-least': {
    title: () => 'Unlock time is too short',
    reason: (v) => `${v['measured']} s set; never below 5 s, ${v['limit']} s for this door.`,
  },
  'relock-without-contact': {
    title: () => 'Re-lock on close cannot work',
    reason: (v) => `${v['tag']} does not see the door close. Wire a door contact, or re-lock on time.`,
  },
  'nobody-on-list': {
    title: () => 'Nobody may open this door yet',
    reason: () => 'Put people on its list at Program.',
  },
  'factory-code': {
    title: (v) => `${v['tag']} still has its factory code`,
    reason: () => 'Anyone with the leaflet can program it. Change the programming code first.',
  },
  'code-refused': {
    title: (v) => `${v['tag']} will refuse the code of ${v['name']}`,
    reason: (v) => `${codeProblemWords(String(v['problem']))}.`,
  },
  'slot-missing': {
    title: (v) => `No slot for ${v['names']}`,
    reason: () => 'Without a slot in the ledger the code cannot be keyed in, or taken out again.',
  },
  'code-shared': {
    title: () => 'Two people share a code',
    reason: (v) => `${v['names']}. Nobody can tell who came, and one cannot be taken off alone.`,
  },
} satisfies Record<string, Words>;
