import { useState } from 'react';
import { newDevice } from '#core/brief/index';
import { FAMILIES, LIBRARY, type DeviceType, type Family } from '#core/devices/index';
import type { DoorId } from '#core/plan/index';
import { FAMILY_LABELS } from '#words/devices';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import { useDispatch, usePlan } from '../store/context';
import css from './CatalogueDialog.module.css';

/** True where every word typed stands somewhere in the type's own words. */
const matches = (type: DeviceType, words: readonly string[]): boolean => {
  const text = `${type.name} ${type.short} ${type.description} ${type.id} ${type.family}`.toLowerCase();
  return words.every((word) => text.includes(word));
};

/** The catalogue: the library and the site's own types, by family, found by a few letters. */
export function CatalogueDialog({
  door,
  open,
  onOpenChange,
}: {
  door: DoorId;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [wish, setWish] = useState('');
  const words = wish.toLowerCase().split(/\s+/).filter(Boolean);
  const types = [...Object.values(plan.types), ...LIBRARY].filter((type) => matches(type, words));
  const groups = FAMILIES.map((family): [Family, DeviceType[]] => [
    family,
    types.filter((type) => type.family === family),
  ]).filter(([, members]) => members.length > 0);
  const add = (type: DeviceType) => {
    const device = newDevice(plan, door, type.id);
    if (dispatch({ kind: 'addDevice', device }, `add ${device.tag}`)) onOpenChange(false);
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="Add a device"
      description={`${types.length} types. Ratings are typical of the class; the maker’s sheet decides.`}
    >
      <TextField
        label="Find"
        bare
        placeholder="Find: strike, RS-485, 24 V…"
        value={wish}
        onChange={(event) => setWish(event.target.value)}
        autoFocus
      />
      <div className={css['list']}>
        {groups.map(([family, members]) => (
          <section key={family}>
            <h3>{FAMILY_LABELS[family]}</h3>
            <ul>
              {members.map((type) => (
                <li key={type.id}>
                  <button type="button" onClick={() => add(type)}>
                    <Symbol id={type.symbol} size={26} />
                    <b>
                      {type.name}
                      {plan.types[type.id] && <em>own, version {type.version}</em>}
                    </b>
                    <span>{type.description}</span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
        {types.length === 0 && <p>Nothing matches “{wish}”. Own types are made under Types, above.</p>}
      </div>
    </Dialog>
  );
}
