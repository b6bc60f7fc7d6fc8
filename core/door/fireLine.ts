import { does, type DeviceType } from '../devices/index';
import {
  deviceOf,
  devicesOf,
  doorsInOrder,
  pinOf,
  schoolsOf,
  terminalId,
  typeIn,
  type Device,
  type Door,
  type Plan,
  type TerminalId,
} from '../plan/index';

/** The fire line of another door: the relay's contact itself, and the pair where the line ends so far. */
export interface FireLine {
  readonly relay: { readonly device: Device; readonly type: DeviceType };
  /** Fire input of the last door before this one that hangs on the same relay. */
  readonly before: { readonly input: TerminalId; readonly common: TerminalId };
}

/**
 * A pair that carries a fire alarm from one door to another: it joins the commons of two supplies, and still
 * neither serves the other's door.
 */
export function isFireLine(plan: Plan, { from, to }: { from: TerminalId; to: TerminalId }): boolean {
  const [one, two] = [plan.devices[deviceOf(from)], plan.devices[deviceOf(to)]];
  if (!one || !two || one.door === two.door) return false;
  const carries = (device: Device, terminal: TerminalId) => {
    const { family, roles } = typeIn(plan, device);
    const pins: string[] = roles.fireInput ? [roles.fireInput.input, roles.fireInput.common] : [];
    return family === 'release' || pins.includes(pinOf(terminal));
  };
  return carries(one, from) && carries(two, to);
}

const fireInputOf = (plan: Plan, door: Door) =>
  devicesOf(plan, door.id).flatMap((device) => {
    const input = typeIn(plan, device).roles.fireInput;
    return input
      ? [{ input: terminalId(device.id, input.input), common: terminalId(device.id, input.common) }]
      : [];
  })[0];

const fireRelayOf = (plan: Plan, door: Door) =>
  devicesOf(plan, door.id)
    .map((device) => ({ device, type: typeIn(plan, device) }))
    .find(({ type }) => does(type, 'fireRelay'));

/**
 * The line that a door without a fire relay of its own may hang on: that of the first door whose relay works the
 * fire input of a supply. Along a chain doors stand in the order of the ledger.
 */
export function fireLineFor(plan: Plan, door: Door): FireLine | null {
  if (fireRelayOf(plan, door) || !fireInputOf(plan, door)) return null;
  const onInput = doorsInOrder(plan).filter(
    (one) => schoolsOf(one).fire === 'supply-input' && fireInputOf(plan, one) !== undefined,
  );
  const head = onInput.find((one) => one.id !== door.id && fireRelayOf(plan, one));
  const relay = head && fireRelayOf(plan, head);
  if (!head || !relay) return null;
  const place = onInput.indexOf(door);
  const between = onInput.filter((one, index) => index < place && !fireRelayOf(plan, one));
  const before = fireInputOf(plan, between.at(-1) ?? head);
  return before ? { relay, before } : null;
}
