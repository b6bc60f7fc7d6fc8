import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import type { OwnCardFormat } from '#core/plan/index';
import { say } from '#words/sitePages/access/OwnFormats';
import { Button } from '../../ui/Button';
import { useDispatch, usePlan } from '../../store/context';
import css from './OwnFormats.module.css';
import { FormatDialog } from './FormatDialog';

/** Card formats of the site: frames that are known here and nowhere else. */
export function OwnFormats() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [open, setOpen] = useState<OwnCardFormat | 'new' | null>(null);
  const own = Object.values(plan.cardFormats).sort((a, b) => a.name.localeCompare(b.name));
  return (
    <section className={css['own']} aria-label={say.formatsOfThisSite}>
      <header>
        <h2>{say.formatsOfThisSite}</h2>
        <Button size="s" icon={<Plus aria-hidden />} onClick={() => setOpen('new')}>
          {say.describeAFormat}
        </Button>
      </header>
      <p className={css['hint']}>{say.formatsComeAlongOnly}</p>
      {own.length > 0 && (
        <ul>
          {own.map((format) => (
            <li key={format.id}>
              <b>{format.name}</b>
              <span>{say.bits(format.bits)}</span>
              <Button size="s" look="quiet" onClick={() => setOpen(format)}>
                {say.change}
              </Button>
              <Button
                size="s"
                look="quiet"
                onClick={() => dispatch({ kind: 'removeCardFormat', id: format.id }, say.remove(format.name))}
              >
                {say.remove2}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {open && <FormatDialog format={open === 'new' ? null : open} onClose={() => setOpen(null)} />}
    </section>
  );
}
