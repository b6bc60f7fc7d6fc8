import { formatGauge, formatOhms, mm2 } from '#core/units/index';
import { num, volts, type Words, type Values } from './text';

const area = (v: Values, key: string) => formatGauge(mm2(num(v, key)));
const ohms = (v: Values, key: string) => (num(v, key) < 0 ? 'an open pair' : formatOhms(num(v, key)));
const wire = (v: Values) => (v['wire'] ? `Wire ${v['wire']}` : 'A way through several wires');

/** Findings about what wires join, what terminals take, what inputs read and what cables are. */
export const WIRE_FINDINGS = {
  'short-circuit': {
    title: (v) => `${v['tag']} is shorted`,
    reason: (v) =>
      `${wire(v)} joins its plus and its minus. No switch can open that: the supply only limits.`,
  },
  'sources-joined': {
    title: (v) => `${v['tag']} and ${v['other']} are joined`,
    reason: (v) =>
      `${wire(v)} joins ${volts(v, 'volts')} of one and ${volts(v, 'measured')} of the other: each pushes into the other, and one alone cannot be switched off.`,
  },
  'link-superfluous': {
    title: (v) => `${v['terminal']} is fed twice`,
    reason: (v) =>
      `The output jumper is on wet: the common has the board’s own ${volts(v, 'volts')} already. ${wire(v)} feeds ${v['other']} back into the board.`,
  },
  'unswitched-ground': {
    title: (v) => `${v['tag']} returns to a ground that is not switched`,
    reason: (v) =>
      `The output switches its own minus. With its return on another ground the lock never lets go. It belongs on ${v['terminal']}.`,
  },
  'part-bridged': {
    title: (v) => `${v['tag']} is bridged`,
    reason: (v) => `${wire(v)} makes ${v['from']} and ${v['to']} one point: no voltage can stand across it.`,
  },
  'size-outside-terminal': {
    title: (v) => `${v['wire']} is too ${v['side']} for ${v['terminal']}`,
    reason: (v) =>
      `${area(v, 'measured')}; the terminal takes ${v['side'] === 'thick' ? 'up to' : 'from'} ${area(v, 'limit')}.`,
  },
  'wire-twice': {
    title: (v) => `${v['wire']} repeats ${v['other']}`,
    reason: (v) =>
      `Both join ${v['from']} and ${v['to']}. One is left over, or was meant for other terminals.`,
  },
  'spare-legs-tied': {
    title: (v) => `Spare legs of ${v['tag']} are tied together`,
    reason: (v) =>
      `${v['wire']} joins ${v['from']} and ${v['to']}, which belong to two circuits. Two systems become one as soon as it is worked. Cap each leg on its own.`,
  },
  'circuits-crossed': {
    title: (v) => `The two circuits of ${v['tag']} are joined`,
    reason: () =>
      'A wire of the alarm line meets a wire of the lock power. Each circuit keeps to its own three terminals, or one fault takes both.',
  },
  'connector-reversed': {
    title: (v) => `The connector of ${v['tag']} is the wrong way round`,
    reason: (v) =>
      `Counted from the other end of its ${v['count']} pins the supply would land right: the plug was turned. Count the pins and look at the colours.`,
  },
  'pigtails-loose': {
    title: (v) => `${v['count']} ${v['count'] === 1 ? 'lead' : 'leads'} of ${v['tag']} not used`,
    reason: (v) => `${v['terminals']}: unplug them, or cap each one on its own before power.`,
  },
  'diode-reversed': {
    title: (v) => `${v['tag']} points the wrong way`,
    reason: (v) =>
      `Its stripe is on the minus of ${v['other']}: as soon as the lock has power the diode shorts it.`,
  },
  'varistor-below-supply': {
    title: (v) => `${v['tag']} clamps the supply itself`,
    reason: (v) =>
      `It conducts from ${volts(v, 'measured')}; ${v['other']} is fed with ${volts(v, 'limit')}. It gets hot and fails. Take one rated above the supply.`,
  },
  'suppression-too-high': {
    title: (v) => `${v['tag']} acts too late`,
    reason: (v) =>
      `It begins at ${volts(v, 'measured')}; above ${volts(v, 'limit')} the spike reaches the contacts. Take a lower one.`,
  },
  'suppression-idle': {
    title: (v) => `${v['tag']} stands across nothing`,
    reason: () => `No coil lies between its two leads. Land it at the terminals of the lock itself.`,
  },
  'eol-missing': {
    title: (v) => `No end-of-line resistor at ${v['terminal']}`,
    reason: (v) =>
      `The input watches for ${ohms(v, 'limit')} and sees ${ohms(v, 'measured')}: a short. Every opening and every closing reads as trouble.`,
  },
  'eol-open': {
    title: (v) => `The pair at ${v['terminal']} is open`,
    reason: (v) =>
      `The input watches for ${ohms(v, 'limit')} and sees an open pair: a wire is off, or the resistor is missing.`,
  },
  'eol-wrong-value': {
    title: (v) => `Wrong end-of-line value at ${v['terminal']}`,
    reason: (v) =>
      `It reads ${ohms(v, 'measured')}; the input is made for ${ohms(v, 'limit')} and twice that.`,
  },
  'eol-on-plain-input': {
    title: (v) => `${v['terminal']} cannot tell open from closed`,
    reason: (v) =>
      `End-of-line resistors of ${ohms(v, 'measured')} hang on an input that is set for a plain contact.`,
  },
  'eol-around-part': {
    title: (v) => `Opening the door reads as trouble at ${v['terminal']}`,
    reason: () =>
      'A contact of the line stands outside the resistor across it: when it opens, the pair is cut. The resistor belongs around all of them.',
  },
  'exit-held': {
    title: (v) => `${v['terminal']} is asked all the time`,
    reason: (v) =>
      `The input is set for a normally ${v['form'] === 'NC' ? 'closed' : 'open'} contact and already reads as pressed: nobody’s hand can change it.`,
  },
  'lever-unheard': {
    title: (v) => `Nobody hears the lever ${v['tag']}`,
    reason: () =>
      'Its contact is wired, but turning it still raises a forced-open alarm: it closes no input that the controller reads as an exit.',
  },
  'lever-unlocks': {
    title: (v) => `The lever ${v['tag']} also lets the lock go`,
    reason: () =>
      'The lever opens the latch by itself. Its contact only has to report; unlocking as well leaves the door open from outside for the exit time.',
  },
  'status-unused': {
    title: (v) => `The contact in ${v['tag']} is not used`,
    reason: () => 'It would tell whether the lock really holds. Land it on a free input, or cap its leads.',
  },
  'status-unread': {
    title: (v) => `Nobody reads the contact in ${v['tag']}`,
    reason: () => 'It is wired, but no input changes when the door opens.',
  },
  'pull-unheard': {
    title: (v) => `Pulling ${v['tag']} raises no alarm`,
    reason: (v) =>
      `The second circuit should short the line that ${v['other']} watches. It does not: the lock lets go, and nobody is told.`,
  },
  'cable-overfull': {
    title: (v) => `Cable ${v['cable']} has too few cores`,
    reason: (v) => `${v['measured']} wires are planned in it; ${v['make']} has ${v['limit']} cores.`,
  },
  'cable-size-differs': {
    title: (v) => `Wires in ${v['cable']} are of another size than the cable`,
    reason: (v) =>
      `${v['wires']} differ from ${v['make']}. Choose the cable for them, or give them its size.`,
  },
  'release-beside-audio': {
    title: (v) => `Release wires share ${v['cable']} with speech`,
    reason: (v) =>
      `${v['wires']} work a relay: in one cable with speech they hum. Give them a cable of their own.`,
  },
  'screen-missing': {
    title: (v) => `${v['cable']} has no screen`,
    reason: (v) => `${v['wires']} carry data or speech. ${v['make']} lets every motor and lamp in.`,
  },
  'screen-both-ends': {
    title: (v) => `The screen of ${v['cable']} is earthed at both ends`,
    reason: () => 'Earth currents then flow through it and into the signal. Earth it at one end only.',
  },
  'screen-unearthed': {
    title: (v) => `The screen of ${v['cable']} is not earthed`,
    reason: () => 'Left open at both ends it does nothing. Land its drain wire on earth at one end.',
  },
  'interface-too-long': {
    title: (v) => `${v['tag']} is too far away`,
    reason: (v) =>
      `${Math.round(num(v, 'measured'))} m of cable; ${INTERFACE_NAMES[String(v['kind'])] ?? 'this interface'} carries about ${v['limit']} m. The maker’s figure decides.`,
  },
} satisfies Record<string, Words>;

const INTERFACE_NAMES: Readonly<Record<string, string>> = {
  wiegand: 'Wiegand',
  rs485: 'RS-485',
  serial: 'a serial line',
  'dry-input': 'a dry input',
  'supervised-input': 'a supervised input',
  audio: 'speech',
  ethernet: 'a network cable',
};
