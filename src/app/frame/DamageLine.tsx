import { lazy, Suspense, useState } from 'react';
import { Button } from '../../ui/Button';
import type { Rescue } from '../../parts/rescue';
import css from './NetworkLine.module.css';

const RescueDialog = lazy(async () => ({ default: (await import('./RescueDialog')).RescueDialog }));

/** Says that the database file is damaged: the site is read and not changed, and there is a way back. */
export function DamageLine({ rescue, site }: { readonly rescue: Rescue; readonly site: string }) {
  const [open, setOpen] = useState(false);
  const { whole, hurt } = rescue;
  return (
    <p className={css['line']} role="status">
      <span>
        The database file is damaged: nothing can be saved until a backup is put back.{' '}
        {hurt.length > 0 &&
          `${hurt.slice(0, 4).join(', ')}${hurt.length > 4 ? ' and others are' : hurt.length > 1 ? ' are' : ' is'} not whole.`}
        {hurt.length === 0 && whole.length > 0 && 'Every door of this site is whole.'}
        {hurt.length === 0 && whole.length === 0 && 'Doors may not be whole.'}
      </span>
      <Button size="s" onClick={() => setOpen(true)}>
        What to do
      </Button>
      {open && (
        <Suspense>
          <RescueDialog rescue={rescue} site={site} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </p>
  );
}
