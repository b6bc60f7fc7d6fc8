import { useState } from 'react';
import { say } from '#words/app/frame/SmallDialogs';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { storedName, storeName } from '../../parts/settings';
import { SHORTCUTS } from './shortcuts';
import css from './SmallDialogs.module.css';

interface Props {
  readonly open: boolean;
  onOpenChange(open: boolean): void;
}

export const ShortcutsDialog = (props: Props) => (
  <Dialog {...props} title={say.keyboardShortcuts}>
    <dl className={css['keys']}>
      {SHORTCUTS.map(({ keys, name }) => (
        <div key={keys}>
          <dt>
            <kbd>{keys}</kbd>
          </dt>
          <dd>{name}</dd>
        </div>
      ))}
    </dl>
  </Dialog>
);

/** Asks who is working here: the name stands beside changes and readings. */
export function NameDialog(props: Props) {
  const [name, setName] = useState(storedName);
  return (
    <Dialog {...props} title={say.yourName} description={say.keptBrowserStandsBeside}>
      <form
        className={css['name']}
        onSubmit={(event) => {
          event.preventDefault();
          storeName(name.trim());
          props.onOpenChange(false);
        }}
      >
        <TextField
          label={say.name}
          value={name}
          onChange={(event) => setName(event.target.value)}
          autoFocus
          maxLength={80}
        />
        <Button type="submit" look="main">
          {say.keep}
        </Button>
      </form>
    </Dialog>
  );
}
