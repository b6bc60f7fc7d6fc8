import { format } from 'date-fns/format';
import { say } from '#words/app/frame/RescueDialog';
import { Dialog } from '../../ui/Dialog';
import { isIncomplete, type Rescue } from '../../parts/rescue';
import css from './SmallDialogs.module.css';

interface Props {
  readonly rescue: Rescue;
  readonly site: string;
  onClose(): void;
}

const some = (doors: readonly string[]): string => (doors.length === 0 ? 'none' : doors.join(', '));

/** What is left of a site, and the way back: export what can be read, then restore the newest backup. */
export function RescueDialog({ rescue, site, onClose }: Props) {
  const { whole, hurt, lost, backup } = rescue;
  const isTold = whole.length + hurt.length > 0;
  const file = backup ? `backups/${backup.name}` : 'FILE';
  return (
    <Dialog open onOpenChange={onClose} title={say.theDatabaseFileIsDamaged} wide>
      <div className={css['rescue']}>
        <p>
          {say.siteCanReadNot}
          {isIncomplete(rescue) && say.doorsNotJudgedMeanwhile}
        </p>
        <dl>
          {isTold ? (
            <>
              <dt>{say.whole}</dt>
              <dd>{some(whole)}</dd>
              <dt>{say.notWhole}</dt>
              <dd>{some(hurt)}</dd>
            </>
          ) : (
            <>
              <dt>{say.doors}</dt>
              <dd>{say.fileNoLongerSays}</dd>
            </>
          )}
          {lost.length > 0 && (
            <>
              <dt>{say.lost}</dt>
              <dd>{lost.map(({ what, count }) => `${count ?? 'some'} ${what}`).join(', ')}</dd>
            </>
          )}
        </dl>
        <ol>
          <li>
            <a href={`/api/sites/${encodeURIComponent(site)}/export.json`} download>
              {say.exportWhatCanBeRead}
            </a>
            {say.aSiteFileWithoutCodes}
          </li>
          <li>
            {backup ? say.putNewestBack(format(backup.at, 'yyyy-MM-dd HH:mm')) : say.putABackupBack}{' '}
            {say.inFolderOfAldaba}
            <pre>
              <code>{`npm run -s aldaba -- check ${file}\nnpm run -s aldaba -- restore ${file}`}</code>
            </pre>
          </li>
          <li>{say.importYouExportedBeside}</li>
        </ol>
      </div>
    </Dialog>
  );
}
