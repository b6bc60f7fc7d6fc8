import Plus from 'lucide-react/icons/plus';
import type { DeviceType } from '#core/devices/index';
import { say } from '#words/sitePages/types/TypeEditor';
import { Button } from '../../ui/Button';
import { freeId } from './blankType';
import type { TypePart } from './typePart';
import { SettingRow } from './TypeRows';

/** The settings of a type: DIP switches, jumpers, dials. */
export function TypeSettings({ draft, set }: Omit<TypePart, 'onChange'>) {
  const free = (name: string) =>
    freeId(
      draft.settings.map(({ id }) => id),
      name,
    );
  const add = (setting: DeviceType['settings'][number]) => set({ settings: [...draft.settings, setting] });
  return (
    <section aria-label={say.settings}>
      <h3>{say.settingsDipSwitchesJumpers}</h3>
      {draft.settings.map((setting, index) => (
        <SettingRow
          key={index}
          setting={setting}
          onChange={(next) => set({ settings: draft.settings.map((old, i) => (i === index ? next : old)) })}
          onRemove={() => set({ settings: draft.settings.filter((_, i) => i !== index) })}
        />
      ))}
      <Button
        size="s"
        icon={<Plus aria-hidden />}
        onClick={() =>
          add({
            id: free('mode'),
            label: say.mode,
            kind: 'choice',
            options: [
              { value: 'a', label: 'a' },
              { value: 'b', label: 'b' },
            ],
            initial: 'a',
          })
        }
      >
        {say.choice}
      </Button>{' '}
      <Button
        size="s"
        icon={<Plus aria-hidden />}
        onClick={() =>
          add({ id: free('time'), label: say.time, kind: 'number', unit: 's', min: 1, max: 99, initial: 5 })
        }
      >
        {say.number}
      </Button>
    </section>
  );
}
