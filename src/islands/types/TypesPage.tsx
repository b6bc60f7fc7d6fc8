import { useState } from 'react';
import Download from 'lucide-react/icons/download';
import Plus from 'lucide-react/icons/plus';
import Upload from 'lucide-react/icons/upload';
import { FAMILIES, typeProblems, type DeviceType } from '#core/devices/index';
import { LIBRARY } from '#core/devices/library/index';
import { asDeviceType, deviceTypeSchema } from '#core/devices/deviceTypeSchema';
import { nextTypeId, typeBase } from '#core/plan/index';
import { FAMILY_LABELS, typeProblemWords } from '#words/devices';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { SelectField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import { useStoredView } from '../storedView';
import { useDispatch, usePlan } from '../store/context';
import { BLANK_TYPE, slug } from './blankType';
import { LanguagesView } from './LanguagesView';
import { TypeEditor } from './TypeEditor';
import css from './TypeEditor.module.css';

type View = 'devices' | 'languages';
const VIEWS = [
  { id: 'devices', label: 'Devices' },
  { id: 'languages', label: 'Keypad languages' },
] as const;

/** What the site describes itself: types of devices, and how keypads are programmed. */
export function TypesPage() {
  const [view, setView] = useStoredView<View>('types', 'devices', ['devices', 'languages']);
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['views']}>
      <TabList tabs={VIEWS} label="Types of" />
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
    begin({ ...type, name: `${type.name}, own` }, slug(`${typeBase(type.id)}-own`));
  const change = (type: DeviceType) => begin(type, typeBase(type.id));
  const save = (type: DeviceType) => {
    // A fresh type takes its id from its name; a next version keeps the id it has.
    const base =
      type.version === 1 && typeBase(type.id) === 'own-device' ? slug(type.name) : typeBase(type.id);
    const id = nextTypeId(plan, base);
    const saved = { ...type, id, version: Number(id.slice(id.lastIndexOf('@') + 1)) };
    if (dispatch({ kind: 'addType', type: saved }, `save ${saved.name}`)) setDraft(null);
  };
  const read = async (file: File) => {
    try {
      const parsed = deviceTypeSchema.safeParse(JSON.parse(await file.text()));
      if (!parsed.success) {
        setProblems(
          parsed.error.issues.slice(0, 8).map(({ path, message }) => `${path.join('.')}: ${message}`),
        );
        return;
      }
      const type = asDeviceType(parsed.data);
      const faults = typeProblems(type);
      setProblems(faults.map(typeProblemWords));
      if (faults.length === 0) change(type);
    } catch (error) {
      setProblems([`${file.name} is not JSON: ${error instanceof Error ? error.message : String(error)}`]);
    }
  };

  if (draft)
    return <TypeEditor draft={draft} onChange={setDraft} onSave={save} onClose={() => setDraft(null)} />;
  return (
    <div>
      <div className={css['tools']}>
        <Button look="main" icon={<Plus aria-hidden />} onClick={() => begin(BLANK_TYPE, 'own-device')}>
          New type
        </Button>
        <SelectField
          label="Duplicate from the library"
          bare
          value=""
          onChange={(event) => {
            const type = LIBRARY.find(({ id }) => id === event.target.value);
            if (type) duplicate(type);
          }}
        >
          <option value="">Duplicate from the library…</option>
          {FAMILIES.map((family) => (
            <optgroup key={family} label={FAMILY_LABELS[family]}>
              {LIBRARY.filter((type) => type.family === family).map((type) => (
                <option key={type.id} value={type.id}>
                  {type.name}
                </option>
              ))}
            </optgroup>
          ))}
        </SelectField>
        <label className={css['import']}>
          <Upload size={14} aria-hidden /> Read a type from JSON
          <input
            type="file"
            accept="application/json,.json"
            className="hush"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) void read(file);
              event.target.value = '';
            }}
          />
        </label>
      </div>
      {problems.length > 0 && (
        <div role="alert" className={css['problems']}>
          <b>That file was not taken in; nothing was changed.</b>
          <ul>
            {problems.map((problem, index) => (
              <li key={index}>{problem}</li>
            ))}
          </ul>
        </div>
      )}
      {own.length === 0 ? (
        <Empty title="No types of your own yet">
          Make one from nothing, or duplicate one of {LIBRARY.length} from the library and change what is
          different. A type in use keeps its version until you update the device.
        </Empty>
      ) : (
        <ul className={css['types']}>
          {own.map((type) => {
            const used = uses(type.id);
            return (
              <li key={type.id}>
                <Symbol id={type.symbol} size={26} />
                <div>
                  <b>{type.name}</b> <small>version {type.version}</small>
                  <p>
                    {type.terminals.length} terminals, {type.parts.length} parts ·{' '}
                    {used.length === 0
                      ? 'not in use'
                      : `in use: ${used.map(({ id }) => id.replace('/', ' ')).join(', ')}`}
                  </p>
                </div>
                <span className={css['typeActs']}>
                  <Button size="s" onClick={() => change(type)}>
                    Change
                  </Button>
                  <Button size="s" onClick={() => duplicate(type)}>
                    Duplicate
                  </Button>
                  <a
                    className={css['import']}
                    href={`data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(type, null, 2))}`}
                    download={`${typeBase(type.id)}-${type.version}.json`}
                  >
                    <Download size={14} aria-hidden /> JSON
                  </a>
                  <Button
                    size="s"
                    look="quiet"
                    disabled={used.length > 0}
                    title={used.length > 0 ? 'It is in use' : undefined}
                    onClick={() =>
                      dispatch(
                        { kind: 'removeType', id: type.id },
                        `remove ${type.name}`,
                        `${type.name} removed.`,
                      )
                    }
                  >
                    Remove
                  </Button>
                </span>
              </li>
            );
          })}
        </ul>
      )}
    </div>
  );
}
