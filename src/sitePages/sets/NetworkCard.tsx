import { typeIn, type Device } from '#core/plan/index';
import { roleValue, settingFor, settingValue } from '#core/devices/index';
import { say } from '#words/sitePages/sets/NetworkCard';
import { useDispatch, usePlan } from '../../store/context';
import { SettingField } from '../../parts/settings/SettingField';
import css from './Sets.module.css';

/** Devices of the network: address and hardware number, noted from the screen or the label of each. */
export function NetworkCard({ devices }: { devices: readonly Device[] }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const uses = new Map<string, number>();
  const addressOf = (device: Device) => String(roleValue(typeIn(plan, device), device.settings, 'ip') ?? '');
  for (const device of devices) {
    const ip = addressOf(device);
    if (ip) uses.set(ip, (uses.get(ip) ?? 0) + 1);
  }
  return (
    <section className={css['card']} aria-label={say.network}>
      <h2>{say.networkDevices}</h2>
      <p>{say.noteAddressHardwareNumber}</p>
      <table className={css['table']}>
        <caption className="hush">{say.devicesInTheNetwork}</caption>
        <thead>
          <tr>
            <th scope="col">{say.device}</th>
            <th scope="col" className={css['what']}>
              {say.what}
            </th>
            <th scope="col">{say.address}</th>
            <th scope="col">{say.hardwareNumberMac}</th>
          </tr>
        </thead>
        <tbody>
          {devices.map((device) => {
            const type = typeIn(plan, device);
            const name = device.id.replace('/', ' ');
            const twice = (uses.get(addressOf(device)) ?? 0) > 1;
            return (
              <tr key={device.id}>
                <th scope="row">{name}</th>
                <td className={css['what']}>{type.name}</td>
                {(['ip', 'mac'] as const).map((role) => {
                  const setting = settingFor(type, role);
                  return (
                    <td key={role} className={css['written']}>
                      {setting && (
                        <SettingField
                          bare
                          setting={setting}
                          name={`${setting.label} of ${name}`}
                          value={settingValue(type, device.settings, setting.id)}
                          onSet={(value) =>
                            dispatch(
                              { kind: 'setSetting', device: device.id, setting: setting.id, value },
                              say.set(device.tag),
                            )
                          }
                        />
                      )}
                      {role === 'ip' && twice && <b className={css['bad']}>{say.takenTwice}</b>}
                    </td>
                  );
                })}
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
