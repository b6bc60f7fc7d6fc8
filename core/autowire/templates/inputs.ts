import { does, functionOf, type DryInput } from '../../devices/index';
import type { TerminalId } from '../../plan/index';
import type { Ledger } from '../capacity';
import type { DoorParts, Placed } from '../../door/index';
import { joinLayouts, layout, NO_LAYOUT, type Layout, type Run, type SettingRun } from '../run';
import {
  CONTACT,
  contactsOf,
  EXIT,
  formOf,
  inParallel,
  inSeries,
  type ContactAt,
  type PairColours,
} from './contacts';
import { fireSupply, relaysAt, releasesByTimer, timedSupply } from './lockPower';
import { channelSetting, pin, run, type Template } from './template';

/** The inputs that ask the door's operators. */
const operatorInputs = ({ operators }: DoorParts): { at: Placed; input: DryInput }[] =>
  operators.flatMap((at) => {
    const input = at.type.roles.operator?.activate;
    return input ? [{ at, input }] : [];
  });

/** Operators beyond the first are asked by the same contact: their inputs in parallel. */
function besideFirst(parts: DoorParts, ledger: Ledger): Run[] {
  const [first, ...others] = operatorInputs(parts);
  if (!first) return [];
  return others.flatMap(({ at, input }) => [
    run(
      ledger.take(pin(first.at, first.input.input)),
      ledger.take(pin(at, input.input)),
      EXIT.live,
      'signal',
    ),
    run(
      ledger.take(pin(at, input.common)),
      ledger.take(pin(first.at, first.input.common)),
      EXIT.common,
      'signal',
    ),
  ]);
}

/**
 * The input that an exit device works: the timed supply's where that switches the lock, else the decider's; the operator's
 * own where nothing decides.
 */
function exitInput(parts: DoorParts): { at: Placed; input: DryInput } | null {
  // What delays the way out hears of the push, and whatever decides does not.
  const delays = parts.relays.find(({ type }) => type.roles.egress?.push);
  if (delays) return { at: delays, input: delays.type.roles.egress!.push! };
  if (!parts.decider) return operatorInputs(parts)[0] ?? null;
  const timed = timedSupply(parts);
  const at = releasesByTimer(parts) ? timed : parts.decider;
  const input = at?.type.roles.exitInputs?.[at === timed ? 0 : parts.channel];
  return at && input ? { at, input } : null;
}

/**
 * Exit request: input → contact → common. Never a voltage. Normally open contacts stand in parallel; where all
 * are normally closed they stand in series and the input is set for it. Relays that an intercom works stand in
 * parallel with the buttons.
 */
export const exitRequest: Template = (parts, ledger) => {
  const target = exitInput(parts);
  if (!target) return NO_LAYOUT;
  if (target.at.type.roles.egress) return pushed(parts, target, ledger);
  const [input, common] = [pin(target.at, target.input.input), pin(target.at, target.input.common)];
  const all = [...parts.exits, ...parts.locks.filter(({ type }) => type.roles.exitContact)];
  // Where a timed supply is asked, a lever that opens by itself still tells the controller, and asks nothing.
  const told = target.at === parts.decider ? null : ownExitInput(parts);
  const levers = told ? all.filter(({ type }) => does(type, 'lever')) : [];
  const asked = contactsOf(
    all.filter((one) => !levers.includes(one)),
    'exitContact',
  );
  const heard = told ? toldOfLevers(parts, told, contactsOf(levers, 'exitContact'), ledger) : NO_LAYOUT;
  const interposed = parts.relays.flatMap((at): ContactAt[] => {
    const pole = at.type.roles.coil && at.type.roles.poles?.[0];
    return pole ? [{ at, ends: { a: pole.com, b: pole.no } }] : [];
  });
  const own = parts.decider?.type.roles.switches?.[parts.channel];
  const terminal: ContactAt[] =
    parts.decider && own && target.at !== parts.decider
      ? [{ at: parts.decider, ends: { a: own.com, b: own.no } }]
      : [];
  const closing = [...terminal, ...asked.filter((one) => formOf(one) === 'NO')];
  const setting = channelSetting(target.at, parts, 'form');
  if (asked.length > 0 && closing.length === 0 && interposed.length === 0 && setting !== null) {
    const settings = [{ device: target.at.device.id, setting, value: 'NC' }];
    return joinLayouts([layout(inSeries(asked, input, common, EXIT, ledger), settings), heard]);
  }
  const onlyLevers = asked.length > 0 && asked.every(({ at }) => does(at.type, 'lever'));
  const rex = channelSetting(target.at, parts, 'rex');
  const settings: SettingRun[] =
    onlyLevers && interposed.length === 0 && rex !== null
      ? [{ device: target.at.device.id, setting: rex, value: 'reports' }]
      : [];
  return joinLayouts([
    layout(inParallel([...closing, ...interposed], input, common, EXIT, ledger), settings),
    heard,
  ]);
};

/** What delays the way out hears of a push by itself: bars and buttons in parallel, and nobody else. */
const pushed = (parts: DoorParts, { at, input }: { at: Placed; input: DryInput }, ledger: Ledger): Layout =>
  layout(
    inParallel(
      contactsOf([...parts.exits, ...parts.locks], 'exitContact').filter((one) => formOf(one) === 'NO'),
      pin(at, input.input),
      pin(at, input.common),
      EXIT,
      ledger,
    ),
  );

/** The exit input of whatever decides. */
function ownExitInput({ decider, channel }: DoorParts): DryInput | null {
  return decider?.type.roles.exitInputs?.[channel] ?? null;
}

/** Lever contacts on the controller's own exit input, set to report. */
function toldOfLevers(
  parts: DoorParts,
  input: DryInput,
  levers: readonly ContactAt[],
  ledger: Ledger,
): Layout {
  const { decider } = parts;
  if (!decider || levers.length === 0) return NO_LAYOUT;
  const rex = channelSetting(decider, parts, 'rex');
  return layout(
    inParallel(levers, pin(decider, input.input), pin(decider, input.common), EXIT, ledger),
    rex === null ? [] : [{ device: decider.device.id, setting: rex, value: 'reports' }],
  );
}

/** The decider's relay asks a door operator, which works the lock itself. */
export const trigger: Template = (parts, ledger) => {
  const { decider, channel } = parts;
  const contact = decider?.type.roles.switches?.[channel];
  const [first] = operatorInputs(parts);
  if (!first) return NO_LAYOUT;
  const { at, input } = first;
  const asking = decider && contact ? [{ at: decider, ends: { a: contact.com, b: contact.no } }] : [];
  return layout([
    ...inParallel(asking, pin(at, input.input), pin(at, input.common), EXIT, ledger),
    ...besideFirst(parts, ledger),
  ]);
};

/** An input that is there for a lock's own contact. */
const statusInput = ({ decider, channel }: DoorParts): DryInput | null =>
  decider?.type.roles.statusInputs?.[channel] ?? null;

/** True for a lock's contact that the leaf works and the lock does not: one that opens with the lock tells nothing of the leaf. */
const followsLeaf = ({ at, ends }: ContactAt): boolean =>
  at.type.parts.some(
    (part) =>
      part.kind === 'contact' &&
      part.state === 'doorOpen' &&
      [part.a, part.b].includes(ends.a) &&
      [part.a, part.b].includes(ends.b),
  );

/** The locks' own contacts that stand in the door contact's line: where that is asked for, or no input is there for them. */
const statusInSeries = (parts: DoorParts): readonly ContactAt[] =>
  parts.schools.status === 'own-input' && statusInput(parts)
    ? []
    : contactsOf(parts.locks, 'statusContact').filter(followsLeaf);

/**
 * Door contact: closed while the door is closed. A status contact of the lock that the leaf works stands in series with it where it has
 * no input of its own; a bond contact, which opens as soon as the lock lets go, is left off there. End-of-line resistors: one in series, one across the contact, at the contact.
 */
export const doorContact: Template = (parts, ledger) => {
  const { decider, channel } = parts;
  const input = decider?.type.roles.contactInputs?.[channel];
  if (!decider || !input) return NO_LAYOUT;
  const setting = channelSetting(decider, parts, 'eol');
  const endsItsLine = ({ type }: Placed) => type.parts.some((part) => part.kind === 'resistor');
  const closing = parts.contacts.filter((one) =>
    contactsOf([one], 'doorContact').some((c) => formOf(c) === 'NC'),
  );
  const plain = closing.filter((one) => !endsItsLine(one));
  // One that ends its own line stands alone on it, and only where the input can watch it.
  const built = plain.length === 0 && setting !== null && closing.length > 0;
  const closedWhenShut = built ? closing.slice(0, 1) : plain;
  // What stands outside a contact that ends its own line would cut that line.
  const status = built ? [] : statusInSeries(parts);
  const contacts = [...contactsOf(closedWhenShut, 'doorContact'), ...status];
  if (contacts.length === 0) return NO_LAYOUT;
  const [live, common] = [pin(decider, input.input), pin(decider, input.common)];
  const [series, across] = parts.resistors;
  const wanted = parts.schools.contact === 'end-of-line' && setting !== null;
  const watch = (value: 'eol' | 'none'): SettingRun[] =>
    setting === null ? [] : [{ device: decider.device.id, setting, value }];
  if (!wanted || built || !series || !across)
    return layout(inSeries(contacts, live, common, CONTACT, ledger), watch(built ? 'eol' : 'none'));
  const resistor: ContactAt = { at: series, ends: { a: '1', b: '2' } };
  // Around every contact of the line: one that is left outside would cut it, and opening would read as trouble.
  const [first, last] = [contacts[0]!, contacts.at(-1)!];
  return layout(
    [
      ...inSeries([resistor, ...contacts], live, common, CONTACT, ledger),
      run(pin(across, '1'), ledger.take(pin(first.at, first.ends.a)), 'contact', 'signal'),
      run(pin(across, '2'), ledger.take(pin(last.at, last.ends.b)), 'contact-common', 'signal'),
    ],
    watch('eol'),
  );
};

/**
 * Every lid in one loop on the tamper input of whatever decides here, which is then set to watch it. A controller of the whole site
 * has one loop for all its doors: two doors' lids beside each other would hide each other, so that one is left to a person.
 */
export const tamperLoop: Template = ({ decider, all }, ledger) => {
  const lids = contactsOf(all, 'lidContact');
  const loop = decider && functionOf(decider.type, 'tamper');
  const part = decider?.type.parts.find(({ kind, id }) => kind === 'input' && id === loop?.input);
  if (!decider?.device.door || !loop || part?.kind !== 'input' || lids.length === 0) return NO_LAYOUT;
  return layout(inSeries(lids, pin(decider, part.a), pin(decider, part.b), CONTACT, ledger), [
    { device: decider.device.id, setting: loop.usedSetting, value: 'on' },
  ]);
};

/** Bond, bolt or latch contact to its own input. */
export const lockStatus: Template = (parts, ledger) => {
  const input = statusInput(parts);
  const inSeriesElsewhere = new Set(statusInSeries(parts).map(({ at }) => at));
  const contacts = contactsOf(parts.locks, 'statusContact').filter(({ at }) => !inSeriesElsewhere.has(at));
  if (!input || !parts.decider || contacts.length === 0) return NO_LAYOUT;
  const [live, common] = [pin(parts.decider, input.input), pin(parts.decider, input.common)];
  return layout(inSeries(contacts, live, common, { live: 'status', common: 'contact-common' }, ledger));
};

/**
 * Fire contact across the input of a supply that drops its lock outputs: closed at rest and opening on alarm, or
 * the other way round where that school is chosen and the supply can be set to it.
 */
export const fireInput: Template = (parts, ledger) => {
  const supply = fireSupply(parts);
  const input = supply?.type.roles.fireInput;
  if (!supply || !input) return unusedFireBoard(parts);
  // Another door's wires work it for all that hang on it.
  if (parts.fireWorked.has(supply.device.id)) return NO_LAYOUT;
  const setting = functionOf(supply.type, 'fireInput')?.triggerSetting;
  const trigger = setting === undefined ? 'NC' : parts.schools.fireTrigger;
  const contacts = relaysAt(parts, supply).flatMap((at): ContactAt[] => {
    const [pole] = at.type.roles.breakers ?? [];
    const b = pole && (trigger === 'NC' ? pole.nc : normallyOpenOf(at, pole.com));
    return pole && b ? [{ at, ends: { a: pole.com, b } }] : [];
  });
  const colours: PairColours = { live: 'alarm', common: 'exit-common' };
  const settings = setting === undefined ? [] : [{ device: supply.device.id, setting, value: trigger }];
  if (contacts.length === 0) {
    const ends = lineEnds(parts, trigger);
    if (!ends) return NO_LAYOUT;
    return layout(
      [
        run(ledger.take(ends.live), ledger.take(pin(supply, input.input)), colours.live, 'signal'),
        run(ledger.take(pin(supply, input.common)), ledger.take(ends.common), colours.common, 'signal'),
      ],
      settings,
    );
  }
  // Any of several contacts releases: one that opens a chain, or one that closes a pair.
  const chain = trigger === 'NC' ? inSeries : inParallel;
  return layout(
    chain(contacts, pin(supply, input.input), pin(supply, input.common), colours, ledger),
    settings,
  );
};

/** A fire board that nothing is landed on would drop its locks for ever: it is set to wait for a closure. */
function unusedFireBoard({ decider }: DoorParts): Layout {
  const setting = decider?.type.roles.fireInput && functionOf(decider.type, 'fireInput')?.triggerSetting;
  return decider && setting ? layout([], [{ device: decider.device.id, setting, value: 'NO' }]) : NO_LAYOUT;
}

/** Where the pair of another door's fire relay comes from: its contact, or the fire input of the door before. */
function lineEnds(
  { fireLine, schools }: DoorParts,
  trigger: unknown,
): { live: TerminalId; common: TerminalId } | null {
  if (!fireLine) return null;
  if (schools.fireReach === 'daisy-chain')
    return { live: fireLine.before.input, common: fireLine.before.common };
  const [pole] = fireLine.relay.type.roles.breakers ?? [];
  const far = pole && (trigger === 'NC' ? pole.nc : normallyOpenOf(fireLine.relay, pole.com));
  return pole && far ? { live: pin(fireLine.relay, pole.com), common: pin(fireLine.relay, far) } : null;
}

/** The other throw of a changeover: the terminal that its common reaches while the state is on. */
const normallyOpenOf = ({ type }: Placed, com: string): string | undefined =>
  type.parts.find((part) => part.kind === 'contact' && part.form === 'NO' && part.a === com)?.b;

/** Second circuit of a pull station: it shorts the alarm line, whose resistor sits at the station. */
export const alarmLine: Template = (parts, ledger) => {
  const monitor = parts.monitors[0];
  const input = monitor?.type.roles.alarmInput;
  if (!monitor || !input) return NO_LAYOUT;
  const stations = contactsOf(parts.breakGlasses, 'alarmContact');
  const last = stations.at(-1);
  if (!last) return NO_LAYOUT;
  const end = parts.resistors.find(({ type }) => type.id === 'eol-10k') ?? parts.resistors.at(-1);
  const colours: PairColours = { live: 'alarm', common: 'contact-common' };
  return layout([
    // From station to station: a branch of its own would hang beside the resistor, and its cut would go unnoticed.
    ...stations.flatMap((station, index) => {
      const before = stations[index - 1];
      const [live, common] = before
        ? [pin(before.at, before.ends.a), pin(before.at, before.ends.b)]
        : [pin(monitor, input.input), pin(monitor, input.common)];
      return inParallel([station], live, common, colours, ledger);
    }),
    ...(end
      ? [
          run(pin(end, '1'), ledger.take(pin(last.at, last.ends.a)), 'alarm', 'signal'),
          run(pin(end, '2'), ledger.take(pin(last.at, last.ends.b)), 'contact-common', 'signal'),
        ]
      : []),
  ]);
};
