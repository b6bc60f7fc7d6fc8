import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import css from './Menu.module.css';

export interface MenuItem {
  readonly id: string;
  readonly label: ReactNode;
  readonly hint?: string;
  readonly checked?: boolean;
  readonly disabled?: boolean;
  onSelect(): void;
}

interface Props {
  /** The button that opens it. */
  readonly trigger: ReactNode;
  readonly items: readonly MenuItem[];
  readonly label: string;
  readonly side?: 'top' | 'bottom';
}

export const Menu = ({ trigger, items, label, side = 'bottom' }: Props) => (
  <DropdownMenu.Root modal={false}>
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
