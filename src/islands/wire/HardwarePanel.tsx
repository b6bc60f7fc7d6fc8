import { Plus, Trash2 } from 'lucide-react';
import { newDevice } from '#core/brief/index';
import { LIBRARY, settingValue, type DeviceType, type Place } from '#core/devices/index';
import { devicesOf, terminalId, typeIn, type Device, type DoorId } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { Menu } from '../../ui/Menu';
import { cx } from '../../ui/cx';
import { useHighlight } from '../navigation';
import { useDispatch, usePlan } from '../store/context';
import type { Wiring } from './useWiring';
import css from './HardwarePanel.module.css';

const PLACES: Record<Place, string> = {
  outside: 'Outside',
  inside: 'Inside',
  frame: 'In the frame',
  above: 'Above the door',
  enclosure: 'In the enclosure',
};

/** The door's devices: settings, place and every terminal, wired or not. */
export function HardwarePanel({ door, wiring }: { door: DoorId; wiring: Wiring }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const add = (type: DeviceType) => {
    const device = newDevice(plan, door, type.id);
    dispatch({ kind: 'addDevice', device }, `add ${device.tag}`);
  };
  return (
    <div className={css['panel']}>
      {devicesOf(plan, door).map((device) => (
        <DeviceCard key={device.id} device={device} wiring={wiring} />
      ))}
      <Menu
        label="Device types"
        trigger={
          <Button icon={<Plus aria-hidden />} className={css['add']}>
            Add a device
          </Button>
        }
        items={LIBRARY.map((type) => ({ id: type.id, label: type.name, onSelect: () => add(type) }))}
      />
    </div>
  );
}

function DeviceCard({ device, wiring }: { device: Device; wiring: Wiring }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const { id: lit } = useHighlight();
  const type = typeIn(plan, device);
  const landed = (terminal: string) =>
    Object.values(plan.conductors).filter((wire) => wire.from === terminal || wire.to === terminal).length;
  return (
    <article className={cx(css['card'], lit === device.id && css['lit'])}>
      <header>
        <b>{device.tag}</b>
        <span>{type.name}</span>
        <Button
          size="s"
          look="quiet"
          aria-label={`Remove ${device.tag}`}
          title="Remove it and its wires"
          icon={<Trash2 aria-hidden />}
          onClick={() => dispatch({ kind: 'removeDevice', id: device.id }, `remove ${device.tag}`)}
        />
      </header>
      <p>{type.description}</p>
      <div className={css['settings']}>
        <SelectField
          label="Place"
          value={device.place}
          onChange={(event) =>
            dispatch(
              { kind: 'setDevice', id: device.id, patch: { place: event.target.value as Place } },
              `move ${device.tag}`,
            )
          }
        >
          {Object.entries(PLACES).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        {type.settings.map((setting) =>
          // Times of a channel are set at Timing.
          setting.kind === 'choice' && !setting.id.includes('.') ? (
            <SelectField
              key={setting.id}
              label={setting.label.charAt(0).toUpperCase() + setting.label.slice(1)}
              value={String(settingValue(type, device.settings, setting.id))}
              onChange={(event) =>
                dispatch(
                  { kind: 'setSetting', device: device.id, setting: setting.id, value: event.target.value },
                  `set ${device.tag}`,
                )
              }
            >
              {setting.options.map((option) => (
                <option key={option.value} value={option.value}>
                  {option.label}
                </option>
              ))}
            </SelectField>
          ) : null,
        )}
      </div>
      <ul className={css['terminals']} aria-label={`Terminals of ${device.tag}`}>
        {type.terminals.map((terminal) => {
          const id = terminalId(device.id, terminal.id);
          const count = landed(id);
          return (
            <li key={terminal.id}>
              <button
                type="button"
                className={cx(css['terminal'], count > 0 && css['wired'])}
                aria-pressed={wiring.chosenTerminal === id}
                aria-label={`${device.tag}.${terminal.id}, ${count} of ${terminal.maxConductors} conductors`}
                onClick={() => wiring.chooseTerminal(id)}
              >
                {terminal.id.replace('-', '−')}
                <small>{count > 0 ? count : ''}</small>
              </button>
            </li>
          );
        })}
      </ul>
    </article>
  );
}
