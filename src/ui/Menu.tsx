import { Slot } from 'radix-ui';
import { useState, type ComponentType, type KeyboardEvent } from 'react';
import type { MenuProps } from './menuProps';

const fetchIt = async () => (await import('./OpenMenu')).OpenMenu;
/** Keys that open a menu from its button. */
const OPENING: ReadonlySet<string> = new Set(['Enter', ' ', 'ArrowDown']);

/** A menu whose list is fetched when it is first opened; pointing at its button fetches it ahead. */
export function Menu(props: MenuProps) {
  const [Open, setOpen] = useState<ComponentType<MenuProps> | null>(null);
  if (Open) return <Open {...props} />;
  const open = () => void fetchIt().then((found) => setOpen(() => found));
  return (
    <Slot.Root
      aria-haspopup="menu"
      aria-expanded={false}
      onClick={open}
      onPointerEnter={() => void fetchIt()}
      onKeyDown={(event: KeyboardEvent) => {
        if (!OPENING.has(event.key)) return;
        event.preventDefault();
        open();
      }}
    >
      {props.trigger}
    </Slot.Root>
  );
}
