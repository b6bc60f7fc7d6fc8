import { Command } from 'cmdk';
import { Dialog as Radix } from 'radix-ui';
import { doorsInOrder, terminalLabel, typeIn } from '#core/plan/index';
import { STATION_NAMES } from '#words/findings/index';
import { STATIONS } from '#core/checks/stations';
import type { StationId } from '#core/checks/index';
import { useHighlight, useNavigate } from '../navigation';
import { usePlan } from '../store/context';
import css from './FindDialog.module.css';

interface Props {
  readonly open: boolean;
  onOpenChange(open: boolean): void;
  readonly door: string | null;
}

/** What belongs to the open door comes first. */
const hereFirst = <T extends { door: string | null }>(all: T[], door: string | null): T[] =>
  [...all].sort((a, b) => Number(b.door === door) - Number(a.door === door));

/** Finds doors, devices, wires, people and stations by a few letters. */
export function FindDialog({ open, onOpenChange, door }: Props) {
  const plan = usePlan();
  const go = useNavigate();
  const { point } = useHighlight();
  const choose = (run: () => void) => () => {
    onOpenChange(false);
    run();
  };
  const toDoor = (id: string, station: StationId, subject?: string) =>
    choose(() => {
      go({ kind: 'door', door: id, station });
      if (subject) point(subject);
    });
  const name = (id: string) => `${id} ${plan.doors[id]?.name ?? ''}`;
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className={css['overlay']} />
        <Radix.Content className={css['find']} aria-describedby={undefined}>
          <Radix.Title className="hush">Find</Radix.Title>
          <Command label="Find" loop>
            <Command.Input placeholder="Door, device, wire or person" className={css['input']} />
            <Command.List className={css['list']}>
              <Command.Empty className={css['none']}>Nothing by that name.</Command.Empty>
              <Command.Group heading="Doors">
                {doorsInOrder(plan).map((one) => (
                  <Command.Item
                    key={one.id}
                    value={`door ${one.id} ${one.name}`}
                    onSelect={toDoor(one.id, 'wire')}
                  >
                    <b>{one.id}</b> {one.name || 'Unnamed door'}
                  </Command.Item>
                ))}
              </Command.Group>
              {door !== null && (
                <Command.Group heading="Stations">
                  {STATIONS.map((one) => (
                    <Command.Item
                      key={one}
                      value={`station ${STATION_NAMES[one]}`}
                      onSelect={toDoor(door, one)}
                    >
                      {STATION_NAMES[one]}
                    </Command.Item>
                  ))}
                </Command.Group>
              )}
              <Command.Group heading="People">
                {Object.values(plan.people).map((person) => (
                  <Command.Item
                    key={person.id}
                    value={`person ${person.name} ${person.id}`}
                    onSelect={choose(() => go({ kind: 'page', page: 'people' }))}
                  >
                    {person.name} <small>{person.doors.join(' ')}</small>
                  </Command.Item>
                ))}
              </Command.Group>
              <Command.Group heading="Devices">
                {hereFirst(Object.values(plan.devices), door).map((device) => (
                  <Command.Item
                    key={device.id}
                    value={`device ${device.tag} ${device.id} ${typeIn(plan, device).name}`}
                    onSelect={toDoor(device.door ?? door ?? '', 'wire', device.id)}
                  >
                    <b>{device.tag}</b> {typeIn(plan, device).name}{' '}
                    <small>{device.door ? name(device.door) : 'site'}</small>
                  </Command.Item>
                ))}
              </Command.Group>
              <Command.Group heading="Wires">
                {hereFirst(Object.values(plan.conductors), door).map((wire) => (
                  <Command.Item
                    key={wire.id}
                    value={`wire ${wire.number} ${wire.door} ${wire.from} ${wire.to}`}
                    onSelect={toDoor(wire.door, 'wire', wire.id)}
                  >
                    <b>{wire.number}</b> {terminalLabel(plan, wire.from, wire.door)} –{' '}
                    {terminalLabel(plan, wire.to, wire.door)} <small>{wire.door}</small>
                  </Command.Item>
                ))}
              </Command.Group>
            </Command.List>
          </Command>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
