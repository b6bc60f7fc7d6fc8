import { languageChanges, newerLanguage, updateLanguage } from '#core/keypads/index';
import type { Leaflet } from '#core/plan/index';
import { lineWords } from '#words/language';
import { say } from '#words/sitePages/types/LanguageUpdateDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { useDispatch, usePlan } from '../../store/context';
import css from './LanguageEditor.module.css';

/** What a newer version of a language says otherwise, before the keypads of the site are taken to speak it. */
export function LanguageUpdateDialog({ from, onClose }: { from: Leaflet; onClose(): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const to = newerLanguage(plan, from);
  if (!to) return null;
  const edit = updateLanguage(plan, from, to);
  const types = Object.values(plan.types).filter(({ language }) => language === from.id);
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={say.versionForVersion(from.name, to.version, from.version)}
      description={say.getsNextVersionNames(types.map(({ name }) => name).join(', '))}
    >
      <ul className={css['changes']}>
        {languageChanges(from, to).map(({ what, before, after }) => (
          <li key={what}>
            <b>{lineWords(what)}</b>
            {before !== null && <s>{before}</s>}
            {after !== null && <span>{after}</span>}
          </li>
        ))}
      </ul>
      <Button look="main" onClick={() => dispatch(edit, say.useVersionOf(to.version, to.name)) && onClose()}>
        {say.useVersion(to.version)}
      </Button>
    </Dialog>
  );
}
