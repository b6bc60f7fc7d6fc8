import Download from 'lucide-react/icons/download';
import Plus from 'lucide-react/icons/plus';
import Upload from 'lucide-react/icons/upload';
import { useState } from 'react';
import { fromLeaflet, languageProblems, LANGUAGES, toLeaflet } from '#core/keypads/index';
import { allDevices, findIn, typeIn, type Leaflet } from '#core/plan/index';
import { languageSchema } from '#core/plan/schemas/language';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { SelectField } from '../../ui/Field';
import { useDispatch, usePlan } from '../store/context';
import { BLANK_LANGUAGE } from './blankLanguage';
import { slug } from './blankType';
import { LanguageEditor } from './LanguageEditor';
import css from './TypeEditor.module.css';

/** Languages of keypads that the site describes itself: written down from a leaflet, or begun with one of the library. */
export function LanguagesView() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<Leaflet | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const own = Object.values(plan.languages).sort((a, b) => a.name.localeCompare(b.name));
  const uses = (id: string) => [
    ...Object.values(plan.types)
      .filter(({ language }) => language === id)
      .map(({ name }) => name),
    ...allDevices(plan)
      .filter((device) => typeIn(plan, device).language === id)
      .map((device) => device.id.replace('/', ' ')),
  ];
  const save = (leaflet: Leaflet) => {
    const before = findIn(plan.languages, leaflet.id);
    if (before) {
      const { id, ...patch } = { ...leaflet, version: before.version + 1 };
      if (dispatch({ kind: 'setLanguage', id, patch }, `change ${leaflet.name}`)) setDraft(null);
      return;
    }
    const id = freeId(plan.languages, slug(leaflet.name));
    if (
      dispatch({ kind: 'addLanguage', language: { ...leaflet, id, version: 1 } }, `describe ${leaflet.name}`)
    )
      setDraft(null);
  };
  const read = async (file: File) => {
    try {
      const parsed = languageSchema.safeParse(JSON.parse(await file.text()));
      setProblems(
        parsed.success
          ? []
          : parsed.error.issues.slice(0, 8).map(({ path, message }) => `${path.join('.')}: ${message}`),
      );
      // Read from a file it is one more: it takes the place of none that is there.
      if (parsed.success) setDraft({ ...parsed.data, id: 'new' });
    } catch (error) {
      setProblems([`${file.name} is not JSON: ${error instanceof Error ? error.message : String(error)}`]);
    }
  };
  if (draft)
    return <LanguageEditor draft={draft} onChange={setDraft} onSave={save} onClose={() => setDraft(null)} />;
  return (
    <div>
      <div className={css['tools']}>
        <Button look="main" icon={<Plus aria-hidden />} onClick={() => setDraft(BLANK_LANGUAGE)}>
          New language
        </Button>
        <SelectField
          label="Begin with one of the library"
          bare
          value=""
          onChange={(event) => {
            const language = LANGUAGES.find(({ id }) => id === event.target.value);
            if (language) setDraft(toLeaflet(language, 'new', `${language.name}, own`));
          }}
        >
          <option value="">Begin with one of the library…</option>
          {LANGUAGES.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <label className={css['import']}>
          <Upload size={14} aria-hidden /> Read a language from JSON
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
        <Empty title="No languages of your own yet">
          Write down how a keypad is programmed, as its leaflet says, or begin with one of {LANGUAGES.length}{' '}
          from the library. A type of your own names it; its key sheets, its on-screen keypad and what it
          holds follow.
        </Empty>
      ) : (
        <ul className={css['types']}>
          {own.map((leaflet) => {
            const used = uses(leaflet.id);
            const wrong = languageProblems(fromLeaflet(leaflet)).length;
            return (
              <li key={leaflet.id}>
                <div>
                  <b>{leaflet.name}</b> <small>version {leaflet.version}</small>
                  <p>
                    {leaflet.modes.reduce((sum, { commands }) => sum + commands.length, 0)} functions,{' '}
                    {leaflet.examples.length} examples
                    {wrong > 0 ? `, ${wrong} to mend` : ''} ·{' '}
                    {used.length === 0 ? 'not in use' : `in use: ${used.join(', ')}`}
                  </p>
                </div>
                <span className={css['typeActs']}>
                  <Button size="s" onClick={() => setDraft(leaflet)}>
                    Change
                  </Button>
                  <Button
                    size="s"
                    onClick={() => setDraft({ ...leaflet, id: 'new', name: `${leaflet.name} copy` })}
                  >
                    Duplicate
                  </Button>
                  <a
                    className={css['import']}
                    href={`data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(leaflet, null, 2))}`}
                    download={`${leaflet.id}-${leaflet.version}.json`}
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
                        { kind: 'removeLanguage', id: leaflet.id },
                        `remove ${leaflet.name}`,
                        `${leaflet.name} removed.`,
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

/** A name for a language that neither the site nor the library has. */
function freeId(taken: Readonly<Record<string, unknown>>, base: string): string {
  const is = (id: string) => !Object.hasOwn(taken, id) && LANGUAGES.every((one) => one.id !== id);
  const first = `own-${base || 'language'}`;
  if (is(first)) return first;
  for (let n = 2; ; n += 1) if (is(`${first}-${n}`)) return `${first}-${n}`;
}
