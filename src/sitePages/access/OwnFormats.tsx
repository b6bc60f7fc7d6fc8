import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import type { OwnCardFormat } from '#core/plan/index';
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
    <section className={css['own']} aria-label="Formats of this site">
      <header>
        <h2>Formats of this site</h2>
        <Button size="s" icon={<Plus aria-hidden />} onClick={() => setOpen('new')}>
          Describe a format
        </Button>
      </header>
      <p className={css['hint']}>
        Of the formats that come along only the 26 bits are an open one that readers everywhere send; the
        longer ones are Aldaba’s own examples. What your cards send is described here, and found by two cards
        in hand.
      </p>
      {own.length > 0 && (
        <ul>
          {own.map((format) => (
            <li key={format.id}>
              <b>{format.name}</b>
              <span>{format.bits} bits</span>
              <Button size="s" look="quiet" onClick={() => setOpen(format)}>
                Change
              </Button>
              <Button
                size="s"
                look="quiet"
                onClick={() => dispatch({ kind: 'removeCardFormat', id: format.id }, `remove ${format.name}`)}
              >
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
      {open && <FormatDialog format={open === 'new' ? null : open} onClose={() => setOpen(null)} />}
    </section>
  );
}
