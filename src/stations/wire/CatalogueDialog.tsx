import { useState } from 'react';
import { newDevice } from '#core/brief/index';
import {
  FAMILIES,
  identifyByLeads,
  readLeads,
  saysTerminals,
  type DeviceType,
  type Family,
} from '#core/devices/index';
import { LIBRARY } from '#core/devices/library/index';
import type { DoorId } from '#core/plan/index';
import { FAMILY_LABELS, terminalsWords } from '#words/devices';
import { typeSynonyms } from '#words/synonyms';
import { say } from '#words/stations/wire/CatalogueDialog';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import { useDispatch, usePlan } from '../../store/context';
import css from './CatalogueDialog.module.css';

const textOf = (type: DeviceType): string =>
  `${type.name} ${type.short} ${type.description} ${type.id} ${type.family} ${typeSynonyms(type)}`.toLowerCase();

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
  const inHand = readLeads(wish);
  const types = [...Object.values(plan.types), ...LIBRARY].filter((type) =>
    identifyByLeads(type, inHand, textOf(type)),
  );
  const groups = FAMILIES.map((family): [Family, DeviceType[]] => [
    family,
    types.filter((type) => type.family === family),
  ]).filter(([, members]) => members.length > 0);
  const add = (type: DeviceType) => {
    const device = newDevice(plan, door, type.id);
    if (dispatch({ kind: 'addDevice', device }, say.add(device.tag))) onOpenChange(false);
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.addADevice}
      description={say.ratingsTypicalClassMakers(types.length)}
    >
      <TextField
        label={say.find}
        bare
        placeholder={say.findStrikeRs485}
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
                      {plan.types[type.id] && <em>{say.ownVersion(type.version)}</em>}
                    </b>
                    <span>{type.description}</span>
                    {saysTerminals(inHand) && <small>{terminalsWords(type)}</small>}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
        {types.length === 0 && <p>{say.nothingMatchesOwnTypes(wish)}</p>}
      </div>
    </Dialog>
  );
}
