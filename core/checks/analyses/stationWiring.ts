import { wireIntercom, type IntercomSet } from '../../intercom/index';
import { type Edit, terminalId, terminalLabel } from '../../plan/index';
import { onDevice, onTerminal, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { setsHere } from './setsHere';

/** The channel it is wired to, where that is free; else its wires laid to the channel it is set to. */
function onOwnLine(
  { plan, trial }: CheckContext,
  set: IntercomSet,
  landed: number,
  { device, setting }: { device: string; setting: string },
): { remedy?: Edit } {
  if (!set.doorStations.some((one) => one.channel === landed))
    return { remedy: { kind: 'setSetting', device, setting, value: landed } };
  const wiring = trial ? null : wireIntercom(plan, set);
  return wiring?.ok ? { remedy: wiring.edit } : {};
}

/** Answering stations beside the first that do not hang in parallel with it, at the first terminal that differs. */
function apart({ groupOf, wiresAt, plan, door, world }: CheckContext, set: IntercomSet): Violation[] {
  const [first, ...others] = set.answering;
  if (!first || !world.netlist.nodeOf.has(terminalId(first.device.id, first.pins.plus))) return [];
  const used = set.doorStations.map(({ channel }) => channel - 1);
  const pinsOf = ({ pins }: typeof first) => [
    pins.plus,
    pins.minus,
    pins.common,
    ...used.flatMap((channel) => {
      const at = pins.channels[channel];
      return at ? [at.line, at.key] : [];
    }),
  ];
  return others.flatMap((station): Violation[] => {
    const mine = pinsOf(station).map((pin) => terminalId(station.device.id, pin));
    // One that no wire reaches is not wired yet: that is said of its supply.
    if (mine.every((terminal) => wiresAt(terminal).length === 0)) return [];
    const theirs = pinsOf(first).map((pin) => terminalId(first.device.id, pin));
    const off = mine.findIndex((terminal, index) => groupOf(terminal) !== groupOf(theirs[index]!));
    if (off < 0) return [];
    const at = [onDevice(station.device.id), onTerminal(mine[off]!), onTerminal(theirs[off]!)];
    return [
      violation('station-not-parallel', at, {
        tag: station.device.tag,
        from: terminalLabel(plan, mine[off]!, door.id),
        to: terminalLabel(plan, theirs[off]!, door.id),
      }),
    ];
  });
}

/** The jumper of a door station against the cores it has, and the line it is on against its channel. */
export const stationWiring: Analysis = (context) => {
  const { groupOf, wiresAt, door } = context;
  return setsHere(context).flatMap((set) => [
    ...apart(context, set),
    ...set.doorStations.flatMap(({ device, pins, jumper, channel }): Violation[] => {
      if (device.door !== door.id) return [];
      const at = [onDevice(device.id)];
      const minus = wiresAt(terminalId(device.id, pins.minus)).length > 0;
      const common = wiresAt(terminalId(device.id, pins.common)).length > 0;
      const put = (value: 'in' | 'out'): { remedy: Edit } => ({
        remedy: { kind: 'setSetting', device: device.id, setting: pins.coresSetting, value },
      });
      const values = { tag: device.tag, channel };
      if (jumper === 'in' && minus && common)
        return [violation('jumper-with-three-cores', at, values, put('out'))];
      if (jumper === 'out' && !minus && common) return [violation('jumper-missing', at, values, put('in'))];
      const line = groupOf(terminalId(device.id, pins.line));
      const landedOn = set.answering.flatMap((station) =>
        station.pins.channels.flatMap(({ line: other }, index) =>
          groupOf(terminalId(station.device.id, other)) === line ? [index + 1] : [],
        ),
      );
      if (landedOn.length > 0 && !landedOn.includes(channel))
        return [
          violation(
            'channel-line-differs',
            at,
            { ...values, measured: landedOn[0]! },
            onOwnLine(context, set, landedOn[0]!, {
              device: device.id,
              setting: pins.channelSetting,
            }),
          ),
        ];
      return [];
    }),
  ]);
};
