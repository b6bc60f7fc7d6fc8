import { Dialog as Radix } from 'radix-ui';
import X from 'lucide-react/icons/x';
import { say } from '#words/ui/OpenDialog';
import { cx } from './cx';
import type { DialogProps } from './dialogProps';
import css from './Dialog.module.css';

/** What an open dialog is made of; `Dialog` fetches it. */
export const OpenDialog = ({ open, onOpenChange, title, description, wide, children }: DialogProps) => (
  <Radix.Root open={open} onOpenChange={onOpenChange}>
    <Radix.Portal>
      <Radix.Overlay className={css['overlay']} />
      <Radix.Content
        className={cx(css['content'], wide && css['wide'])}
        {...(description ? {} : { 'aria-describedby': undefined })}
        onOpenAutoFocus={(event) => {
          // A question puts the focus on its safe answer.
          const first = (event.target as HTMLElement).querySelector<HTMLElement>('[data-first]');
          if (!first) return;
          event.preventDefault();
          first.focus();
        }}
      >
        <header className={css['head']}>
          <Radix.Title className={css['title']}>{title}</Radix.Title>
          <Radix.Close className={css['close']} aria-label={say.close}>
            <X size={18} aria-hidden />
          </Radix.Close>
        </header>
        {description && <Radix.Description className={css['description']}>{description}</Radix.Description>}
        {children}
      </Radix.Content>
    </Radix.Portal>
  </Radix.Root>
);
