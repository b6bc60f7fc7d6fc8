import Plus from 'lucide-react/icons/plus';
import { useState } from 'react';
import {
  fromLeaflet,
  isUsed,
  keepLanguage,
  languageProblems,
  LANGUAGES,
  newerLanguage,
  toLeaflet,
} from '#core/keypads/index';
import { allDevices, findIn, typeIn, type Leaflet } from '#core/plan/index';
import { languageSchema } from '#core/plan/schemas/language';
import { say } from '#words/sitePages/types/LanguagesView';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { BLANK_LANGUAGE } from './blankLanguage';
import { slug } from './blankType';
import { LanguageEditor } from './LanguageEditor';
import { LanguageUpdateDialog } from './LanguageUpdateDialog';
import { BeginWith, issueLines, jsonOf, OwnList } from './OwnList';

/** Languages of keypads that the site describes itself: written down from a leaflet, or begun with one of the library. */
export function LanguagesView() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<Leaflet | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [updating, setUpdating] = useState<Leaflet | null>(null);
  const own = Object.values(plan.languages).sort(
    (a, b) => a.name.localeCompare(b.name) || b.version - a.version,
  );
  const uses = (id: string) => [
    ...Object.values(plan.types)
      .filter(({ language }) => language === id)
      .map(({ name, version }) => say.version(name, version)),
    ...allDevices(plan)
      .filter((device) => typeIn(plan, device).language === id)
      .map((device) => device.id.replace('/', ' ')),
  ];
  const save = (leaflet: Leaflet) => {
    const isNew = !findIn(plan.languages, leaflet.id);
    const edit = isNew
      ? ({
          kind: 'addLanguage',
          language: { ...leaflet, id: freeId(plan.languages, slug(leaflet.name)), version: 1 },
        } as const)
      : keepLanguage(plan, leaflet);
    if (dispatch(edit, `${isNew ? 'describe' : 'change'} ${leaflet.name}`)) setDraft(null);
  };
  const read = async (file: File) => {
    const read = await jsonOf(file);
    if ('problem' in read) return setProblems([read.problem]);
    const parsed = languageSchema.safeParse(read.json);
    setProblems(parsed.success ? [] : issueLines(parsed.error.issues));
    // Read from a file it is one more: it takes the place of none that is there.
    if (parsed.success) setDraft({ ...parsed.data, id: 'new' });
  };
  if (draft)
    return (
      <LanguageEditor
        draft={draft}
        beside={isUsed(plan, draft.id)}
        onChange={setDraft}
        onSave={save}
        onClose={() => setDraft(null)}
      />
    );
  return (
    <div>
      <BeginWith
        label={say.beginOneLibrary}
        onBegin={(id) => {
          const language = LANGUAGES.find((one) => one.id === id);
          if (language) setDraft(toLeaflet(language, 'new', say.own(language.name)));
        }}
        fileLabel={say.readALanguageFromJson}
        onFile={(file) => void read(file)}
        problems={problems}
        first={
          <Button look="main" icon={<Plus aria-hidden />} onClick={() => setDraft(BLANK_LANGUAGE)}>
            {say.newLanguage}
          </Button>
        }
      >
        {LANGUAGES.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </BeginWith>
      {own.length === 0 ? (
        <Empty title={say.noLanguagesYourOwn}>{say.writeDownHowKeypad(LANGUAGES.length)}</Empty>
      ) : (
        <OwnList
          things={own.map((leaflet) => {
            const { id, name, version, modes, examples } = leaflet;
            const wrong = languageProblems(fromLeaflet(leaflet)).length;
            const newer = isUsed(plan, id) ? newerLanguage(plan, leaflet) : null;
            return {
              id,
              name,
              version,
              holds: [
                say.functions(modes.reduce((sum, { commands }) => sum + commands.length, 0)),
                say.examples(examples.length),
                ...(wrong > 0 ? [say.toMend(wrong)] : []),
              ].join(', '),
              used: uses(id),
              json: leaflet,
              file: `${id.replace('@', '-')}-${version}.json`,
              more: newer && (
                <Button size="s" onClick={() => setUpdating(leaflet)}>
                  {say.useVersion(newer.version)}
                </Button>
              ),
            };
          })}
          onChange={(id) => setDraft(plan.languages[id] ?? null)}
          onDuplicate={(id) => {
            const leaflet = plan.languages[id];
            if (leaflet) setDraft({ ...leaflet, id: 'new', name: say.copy(leaflet.name) });
          }}
          onRemove={(id) => {
            const name = plan.languages[id]?.name ?? id;
            dispatch({ kind: 'removeLanguage', id }, say.remove(name), say.removed(name));
          }}
        />
      )}
      {updating && <LanguageUpdateDialog from={updating} onClose={() => setUpdating(null)} />}
    </div>
  );
}

/** A name for a language that neither the site nor the library has. */
function freeId(taken: Readonly<Record<string, unknown>>, base: string): string {
  const is = (id: string) => !Object.hasOwn(taken, id) && LANGUAGES.every((one) => one.id !== id);
  // Room is left for a version behind it.
  const first = `own-${base.slice(0, 80) || 'language'}`;
  if (is(first)) return first;
  for (let n = 2; ; n += 1) if (is(`${first}-${n}`)) return `${first}-${n}`;
}
