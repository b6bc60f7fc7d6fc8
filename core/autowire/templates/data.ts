import { busPortOf, functionOf, settingValue, type BusPort } from '../../devices/index';
import type { TerminalId } from '../../plan/index';
import type { DoorParts, Placed } from '../../door/index';
import { layout, NO_LAYOUT, type Run, type SettingRun } from '../run';
import { pin, run, type Template } from './template';

const isInside = ({ device }: Placed): boolean => device.place === 'inside';

/** Two data lines of each reader: the one outside on the channel's port, the one inside on its second port. */
export const readerData: Template = (parts, ledger) => {
  const { decider, channel } = parts;
  if (!decider) return NO_LAYOUT;
  const { dataInputs, innerDataInputs } = decider.type.roles;
  const wired = parts.readers.filter(({ type }) => type.roles.dataOut);
  const outer = wired.filter((reader) => !isInside(reader));
  const first = outer[0] ?? wired[0];
  const second = wired.find((reader) => reader !== first);
  const ports = [
    { reader: first, lines: dataInputs?.[channel] },
    { reader: second, lines: innerDataInputs?.[channel] },
  ];
  return layout(
    ports.flatMap(({ reader, lines }): Run[] => {
      const out = reader?.type.roles.dataOut;
      if (!reader || !out || !lines) return [];
      const line = (from: string, to: string, role: 'data-0' | 'data-1') =>
        run(ledger.take(pin(reader, from)), ledger.take(pin(decider, to)), role, 'data');
      return [line(out.d0, lines.d0, 'data-0'), line(out.d1, lines.d1, 'data-1')];
    }),
  );
};

/** Bus port of a device, where it has one. */
export const portAt = ({ type }: Placed): BusPort | null => busPortOf(type);

/**
 * One pair from device to device, in at one and out to the next, from the controller or from the last device
 * that already hangs on it. Addresses are free ones of the door's parity; the terminator is on at the last
 * device only.
 */
export const readerBus: Template = (parts, ledger) => {
  const { decider } = parts;
  const master = decider && portAt(decider);
  const readers = parts.readers.filter((reader) => portAt(reader));
  if (!decider || !master || readers.length === 0) return NO_LAYOUT;
  const others = parts.all.filter((one) => !readers.includes(one) && one !== decider && portAt(one));
  const taken = new Set(others.map(addressOf));
  const runs: Run[] = [];
  const settings: SettingRun[] = [];
  let last: { a: TerminalId; b: TerminalId } = { a: pin(decider, master.a), b: pin(decider, master.b) };
  for (const [index, reader] of readers.entries()) {
    const port = portAt(reader)!;
    const [a, b] = port.crossed ? [port.b, port.a] : [port.a, port.b];
    const here = { a: pin(reader, a), b: pin(reader, b) };
    runs.push(
      run(ledger.take(last.a), ledger.take(here.a), 'bus-a', 'bus'),
      run(ledger.take(last.b), ledger.take(here.b), 'bus-b', 'bus'),
    );
    const present = addressOf(reader);
    const address =
      present !== null && !taken.has(present) && parity(present, parts) ? present : freeAddress(taken, parts);
    taken.add(address);
    if (port.addressSetting)
      settings.push({ device: reader.device.id, setting: port.addressSetting, value: address });
    const isLast = index === readers.length - 1;
    if (port.terminatorSetting)
      settings.push({
        device: reader.device.id,
        setting: port.terminatorSetting,
        value: isLast ? 'on' : 'off',
      });
    last = here;
  }
  return layout(runs, settings);
};

/** Odd addresses belong to a controller's odd doors, even ones to its even doors. */
const channelCount = ({ decider }: DoorParts): number =>
  decider && busPortOf(decider.type) ? (functionOf(decider.type, 'decides')?.channels.length ?? 1) : 1;
const parity = (address: number, parts: DoorParts): boolean =>
  (address + 1) % channelCount(parts) === parts.channel % channelCount(parts);

function freeAddress(taken: ReadonlySet<number | null>, parts: DoorParts): number {
  let address = 1;
  while (taken.has(address) || !parity(address, parts)) address += 1;
  return address;
}

function addressOf(of: Placed): number | null {
  const setting = portAt(of)?.addressSetting;
  const value = setting ? settingValue(of.type, of.device.settings, setting) : null;
  return typeof value === 'number' ? value : null;
}
