import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import { FAMILIES, typeProblems, type DeviceType } from '#core/devices/index';
import { LIBRARY } from '#core/devices/library/index';
import { asDeviceType } from '#core/devices/asDeviceType';
import { deviceTypeSchema } from '#core/devices/deviceTypeSchema';
import { nextTypeId, typeBase } from '#core/plan/index';
import { FAMILY_LABELS, typeProblemWords } from '#words/devices';
import { say } from '#words/sitePages/types/TypesPage';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { Symbol } from '../../ui/Symbol';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import { useStoredView } from '../../parts/storedView';
import { useDispatch, usePlan } from '../../store/context';
import { BLANK_TYPE, slug } from './blankType';
import { LanguagesView } from './LanguagesView';
import { BeginWith, issueLines, jsonOf, OwnList } from './OwnList';
import { TypeEditor } from './TypeEditor';
import css from './TypeEditor.module.css';

type View = 'devices' | 'languages';
const VIEWS = [
  { id: 'devices', label: say.devices },
  { id: 'languages', label: say.keypadLanguages },
] as const;

/** What the site describes itself: types of devices, and how keypads are programmed. */
export function TypesPage() {
  const [view, setView] = useStoredView<View>('types', 'devices', ['devices', 'languages']);
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['views']}>
      <TabList tabs={VIEWS} label={say.typesOf} />
      <TabPanel id="devices">
        <DeviceTypes />
      </TabPanel>
      <TabPanel id="languages">
        <LanguagesView />
      </TabPanel>
    </TabRoot>
  );
}

/** The site's own device types: made from nothing or from the library, tried on the bench, kept by version. */
function DeviceTypes() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<DeviceType | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const own = Object.values(plan.types).sort((a, b) => (a.id < b.id ? -1 : 1));
  const uses = (id: string) => Object.values(plan.devices).filter((device) => device.type === id);

  const begin = (from: DeviceType, base: string) => {
    const id = nextTypeId(plan, base);
    setDraft({ ...from, id, version: Number(id.slice(id.lastIndexOf('@') + 1)) });
  };
  const duplicate = (type: DeviceType) =>
    begin({ ...type, name: say.own(type.name) }, slug(`${typeBase(type.id)}-own`));
  const change = (type: DeviceType) => begin(type, typeBase(type.id));
  const save = (type: DeviceType) => {
    // A fresh type takes its id from its name; a next version keeps the id it has.
    const base =
      type.version === 1 && typeBase(type.id) === 'own-device' ? slug(type.name) : typeBase(type.id);
    const id = nextTypeId(plan, base);
    const saved = { ...type, id, version: Number(id.slice(id.lastIndexOf('@') + 1)) };
    if (dispatch({ kind: 'addType', type: saved }, say.save(saved.name))) setDraft(null);
  };
  const read = async (file: File) => {
    const read = await jsonOf(file);
    if ('problem' in read) return setProblems([read.problem]);
    const parsed = deviceTypeSchema.safeParse(read.json);
    if (!parsed.success) return setProblems(issueLines(parsed.error.issues));
    const type = asDeviceType(parsed.data);
    const faults = typeProblems(type);
    setProblems(faults.map(typeProblemWords));
    if (faults.length === 0) change(type);
  };

  if (draft)
    return <TypeEditor draft={draft} onChange={setDraft} onSave={save} onClose={() => setDraft(null)} />;
  return (
    <div>
      <BeginWith
        label={say.duplicateFromTheLibrary}
        onBegin={(id) => {
          const type = LIBRARY.find((one) => one.id === id);
          if (type) duplicate(type);
        }}
        fileLabel={say.readATypeFromJson}
        onFile={(file) => void read(file)}
        problems={problems}
        first={
          <Button look="main" icon={<Plus aria-hidden />} onClick={() => begin(BLANK_TYPE, 'own-device')}>
            {say.newType}
          </Button>
        }
      >
        {FAMILIES.map((family) => (
          <optgroup key={family} label={FAMILY_LABELS[family]}>
            {LIBRARY.filter((type) => type.family === family).map((type) => (
              <option key={type.id} value={type.id}>
                {type.name}
              </option>
            ))}
          </optgroup>
        ))}
      </BeginWith>
      {own.length === 0 ? (
        <Empty title={say.noTypesYourOwn}>{say.makeOneNothingDuplicate(LIBRARY.length)}</Empty>
      ) : (
        <OwnList
          things={own.map((type) => ({
            id: type.id,
            name: type.name,
            version: type.version,
            icon: <Symbol id={type.symbol} size={26} />,
            holds: say.terminalsParts(type.terminals.length, type.parts.length),
            used: uses(type.id).map(({ id }) => id.replace('/', ' ')),
            json: type,
            file: `${typeBase(type.id)}-${type.version}.json`,
          }))}
          onChange={(id) => plan.types[id] && change(plan.types[id])}
          onDuplicate={(id) => plan.types[id] && duplicate(plan.types[id])}
          onRemove={(id) => {
            const name = plan.types[id]?.name ?? id;
            dispatch({ kind: 'removeType', id }, say.remove(name), say.removed(name));
          }}
        />
      )}
    </div>
  );
}
