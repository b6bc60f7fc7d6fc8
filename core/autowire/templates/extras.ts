import { layout, NO_LAYOUT, type Run } from '../run';
import { stateFor } from './lockPower';
import { supplyFor } from './suits';
import { legs, pin, run, type Template } from './template';

/** A diode, stripe to plus, or a varistor, across each lock's own terminals. */
export const suppression: Template = (parts) =>
  layout(
    parts.locks.flatMap((lock, index): Run[] => {
      const part = parts.diodes[index];
      const ends = lock.type.roles.lockBy?.[stateFor(lock, parts.wanted)] ?? lock.type.roles.lock;
      if (!part || !ends) return [];
      const [plus, minus] = part.type.parts.some((one) => one.kind === 'diode') ? ['K', 'A'] : ['1', '2'];
      return [
        run(pin(part, plus), pin(lock, ends.plus), 'plus', 'power'),
        run(pin(part, minus), pin(lock, ends.minus), 'minus', 'power'),
      ];
    }),
  );

/** An intercom's lock voltage works a relay's coil; the second pole tells the visitor with a buzzer or a lamp. */
export const interposing: Template = (parts, ledger) => {
  const relay = parts.relays.find(({ type }) => type.roles.coil);
  const coil = relay?.type.roles.coil;
  if (!relay || !coil) return NO_LAYOUT;
  const giver = parts.intercoms.find(({ type }) => type.roles.lockVoltage);
  const voltage = giver?.type.roles.lockVoltage;
  const runs: Run[] =
    giver && voltage
      ? [
          run(pin(giver, voltage.plus), pin(relay, coil.plus), 'ac-1', 'power'),
          run(pin(relay, coil.minus), pin(giver, voltage.minus), 'ac-2', 'power'),
        ]
      : [];
  const pole = relay.type.roles.poles?.[1];
  const sign = parts.sounders.find(({ type }) => type.roles.bellOut && type.id !== 'chime');
  const supply = sign && supplyFor(parts.supplies, sign);
  if (pole && sign && supply?.type.roles.supply && parts.relays.length > 0 && !bellButton(parts)) {
    const [feed, out] = [supply.type.roles.supply, sign.type.roles.bellOut!];
    runs.push(
      run(ledger.take(pin(supply, feed.plus)), pin(relay, pole.com), 'plus', 'power'),
      run(pin(relay, pole.no), pin(sign, out.plus), 'plus', 'power'),
      run(pin(sign, out.minus), ledger.take(pin(supply, feed.minus)), 'minus', 'power'),
    );
  }
  return layout(runs);
};

const bellButton = (parts: Parameters<Template>[0]) =>
  [...parts.sounders, ...(parts.decider ? [parts.decider] : [])].find(({ type }) => type.roles.bellContact);

/**
 * Bell: supply → button → chime and back; or the button across the input of an amplifier, which takes no
 * applied voltage.
 */
export const bell: Template = (parts, ledger) => {
  const button = bellButton(parts);
  const ends = button?.type.roles.bellContact;
  if (!button || !ends) return NO_LAYOUT;
  const amplifier = parts.sounders.find(({ type }) => type.roles.bellInput);
  const input = amplifier?.type.roles.bellInput;
  if (amplifier && input) {
    return layout([
      run(pin(amplifier, input.input), pin(button, ends.a), 'exit', 'signal'),
      run(pin(button, ends.b), ledger.take(pin(amplifier, input.common)), 'exit-common', 'signal'),
    ]);
  }
  const chime = parts.sounders.find(({ type }) => type.roles.bellOut);
  const out = chime?.type.roles.bellOut;
  const supply = chime && supplyFor([...parts.supplies].reverse(), chime);
  const feed = supply?.type.roles.supply;
  if (!chime || !out || !supply || !feed) return NO_LAYOUT;
  const alternating = supply.type.parts.some((part) => part.kind === 'source' && part.current === 'ac');
  const [one, two] = alternating ? (['ac-1', 'ac-2'] as const) : (['plus', 'minus'] as const);
  return layout([
    run(ledger.take(pin(supply, feed.plus)), pin(button, ends.a), one, 'power'),
    run(pin(button, ends.b), pin(chime, out.plus), one, 'power'),
    run(pin(chime, out.minus), ledger.take(pin(supply, feed.minus)), two, 'power'),
  ]);
};

/**
 * Alarm: supply → the output of what decides → siren and back. A sounder that a bell button rings stays the bell's; one that
 * nothing rings is there for the alarm.
 */
export const alarmSounder: Template = (parts, ledger) => {
  const { decider } = parts;
  const ends = decider?.type.roles.alarmOut;
  const rung = bellButton(parts) ? parts.sounders.find(({ type }) => type.roles.bellOut) : undefined;
  const siren = parts.sounders.find((one) => one.type.roles.bellOut && one !== rung);
  const out = siren?.type.roles.bellOut;
  const supply = siren && supplyFor(parts.supplies, siren);
  const feed = supply?.type.roles.supply;
  if (!decider || !ends || !siren || !out || !supply || !feed) return NO_LAYOUT;
  return layout([
    run(ledger.take(pin(supply, feed.plus)), pin(decider, ends.a), 'plus', 'power'),
    run(pin(decider, ends.b), pin(siren, out.plus), 'plus', 'power'),
    run(pin(siren, out.minus), ledger.take(pin(supply, feed.minus)), 'minus', 'power'),
  ]);
};

/** Lockdown: the input of what decides → the button → its common. Never in the way of those who leave. */
export const lockdown: Template = ({ decider, all }, ledger) => {
  const input = decider?.type.roles.lockdownInput;
  const button = all.find(({ type }) => type.roles.lockdownContact);
  const ends = button?.type.roles.lockdownContact;
  if (!decider || !input || !button || !ends) return NO_LAYOUT;
  return layout([
    run(ledger.take(pin(decider, input.input)), ledger.take(pin(button, ends.a)), 'exit', 'signal'),
    run(ledger.take(pin(button, ends.b)), ledger.take(pin(decider, input.common)), 'exit-common', 'signal'),
  ]);
};

/** A lamp that shows whether the lock has power, across its terminals. */
export const indicator: Template = (parts) => {
  const lamp = parts.sounders.find(({ type }) => type.symbol === 'lamp');
  const out = lamp?.type.roles.bellOut;
  const lock = parts.locks[0];
  const ends = lock?.type.roles.lock;
  if (!lamp || !out || !lock || !ends || parts.relays.length > 0) return NO_LAYOUT;
  return layout([
    ...legs([pin(lock, ends.plus), pin(lamp, out.plus)], 'plus'),
    ...legs([pin(lamp, out.minus), pin(lock, ends.minus)], 'minus'),
  ]);
};
