import { DropdownMenu } from 'radix-ui';
import type { MenuProps } from './menuProps';
import css from './Menu.module.css';

/** A menu that stands open when it is first drawn: it was asked for before it was fetched. */
export const OpenMenu = ({ trigger, items, label, side = 'bottom' }: MenuProps) => (
  <DropdownMenu.Root modal={false} defaultOpen>
    <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
    <DropdownMenu.Portal>
      <DropdownMenu.Content
        className={css['menu']}
        aria-label={label}
        side={side}
        align="start"
        sideOffset={4}
        collisionPadding={8}
      >
        {items.map((item) => (
          <DropdownMenu.Item
            key={item.id}
            className={css['item']}
            disabled={item.disabled}
            onSelect={item.onSelect}
          >
            <span className={css['mark']} aria-hidden>
              {item.checked ? '✓' : ''}
            </span>
            <span className={css['label']}>{item.label}</span>
            {item.hint && <span className={css['hint']}>{item.hint}</span>}
          </DropdownMenu.Item>
        ))}
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  </DropdownMenu.Root>
);
