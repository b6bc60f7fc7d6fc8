import { format } from 'date-fns/format';
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
    <Dialog open onOpenChange={onClose} title="The database file is damaged" wide>
      <div className={css['rescue']}>
        <p>
          This site can be read, and not changed. What you type stays in this browser and is sent when the
          server can write again.
          {isIncomplete(rescue) &&
            ' Doors are not judged meanwhile: a pass of what is left of them would prove nothing.'}
        </p>
        <dl>
          {isTold ? (
            <>
              <dt>Whole</dt>
              <dd>{some(whole)}</dd>
              <dt>Not whole</dt>
              <dd>{some(hurt)}</dd>
            </>
          ) : (
            <>
              <dt>Doors</dt>
              <dd>The file no longer says which doors are whole. Trust none of them without a look.</dd>
            </>
          )}
          {lost.length > 0 && (
            <>
              <dt>Lost</dt>
              <dd>{lost.map(({ what, count }) => `${count ?? 'some'} ${what}`).join(', ')}</dd>
            </>
          )}
        </dl>
        <ol>
          <li>
            <a href={`/api/sites/${encodeURIComponent(site)}/export.json`} download>
              Export what can be read
            </a>
            : a site file, without codes.
          </li>
          <li>
            {backup
              ? `Put the newest backup back (${format(backup.at, 'yyyy-MM-dd HH:mm')}).`
              : 'Put a backup back.'}{' '}
            On the server, in the folder of Aldaba:
            <pre>
              <code>{`npm run -s aldaba -- check ${file}\nnpm run -s aldaba -- restore ${file}`}</code>
            </pre>
          </li>
          <li>Import what you exported beside it where the backup is older, and compare the two.</li>
        </ol>
      </div>
    </Dialog>
  );
}
