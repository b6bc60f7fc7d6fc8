import { lazy, Suspense, useState } from 'react';
import { say } from '#words/app/frame/DamageLine';
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
        {say.databaseFileDamagedNothing}
        {hurt.length > 0 && say.notWhole(hurt.slice(0, 4).join(', '), hurt.length)}
        {hurt.length === 0 && whole.length > 0 && say.everyDoorSiteWhole}
        {hurt.length === 0 && whole.length === 0 && say.doorsMayNotBeWhole}
      </span>
      <Button size="s" onClick={() => setOpen(true)}>
        {say.whatToDo}
      </Button>
      {open && (
        <Suspense>
          <RescueDialog rescue={rescue} site={site} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </p>
  );
}
