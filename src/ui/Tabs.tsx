import { createContext, useContext, useId, type KeyboardEvent, type ReactNode } from 'react';
import css from './Tabs.module.css';

/**
 * Views of the same thing, side by side, after the tab pattern of WAI-ARIA: one stop for the keyboard, arrows move and choose,
 * Home and End go to the ends. Our own, because the open door cannot wait for a library to draw five buttons.
 */

interface Tabs {
  readonly value: string;
  readonly base: string;
  choose(id: string): void;
}
const TabsContext = createContext<Tabs | null>(null);

function useTabs(): Tabs {
  const tabs = useContext(TabsContext);
  if (!tabs) throw new Error('a tab stands outside of TabRoot');
  return tabs;
}

interface RootProps<T extends string> {
  readonly value: T;
  onChange(id: T): void;
  readonly children: ReactNode;
  readonly className?: string;
}
export function TabRoot<T extends string>({ value, onChange, children, className }: RootProps<T>) {
  const base = useId();
  return (
    <TabsContext value={{ value, base, choose: (id) => onChange(id as T) }}>
      <div className={className}>{children}</div>
    </TabsContext>
  );
}

interface ListProps<T extends string> {
  readonly tabs: readonly { readonly id: T; readonly label: string }[];
  readonly label: string;
}
/** Where each key leads from tab `at` of `count`. */
const TO: Readonly<Record<string, (at: number, count: number) => number>> = {
  ArrowRight: (at, count) => (at + 1) % count,
  ArrowLeft: (at, count) => (at + count - 1) % count,
  Home: () => 0,
  End: (_at, count) => count - 1,
};

export function TabList<T extends string>({ tabs, label }: ListProps<T>) {
  const { value, base, choose } = useTabs();
  const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
    const at = tabs.findIndex(({ id }) => id === value);
    const to = tabs[TO[event.key]?.(at, tabs.length) ?? -1];
    if (!to) return;
    event.preventDefault();
    event.currentTarget.querySelector<HTMLElement>(`[id="${base}-tab-${to.id}"]`)?.focus();
    choose(to.id);
  };
  return (
    <div role="tablist" tabIndex={-1} aria-label={label} className={css['list']} onKeyDown={onKeyDown}>
      {tabs.map(({ id, label: name }) => (
        <button
          key={id}
          type="button"
          role="tab"
          id={`${base}-tab-${id}`}
          aria-selected={id === value}
          aria-controls={id === value ? `${base}-panel-${id}` : undefined}
          tabIndex={id === value ? 0 : -1}
          data-state={id === value ? 'active' : 'inactive'}
          className={css['tab']}
          onClick={() => choose(id)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}

interface PanelProps {
  readonly id: string;
  readonly children: ReactNode;
  readonly className?: string;
}
/** What stands under a tab; nothing while another is chosen. */
export function TabPanel({ id, children, className }: PanelProps) {
  const { value, base } = useTabs();
  if (id !== value) return null;
  return (
    <div
      role="tabpanel"
      id={`${base}-panel-${id}`}
      aria-labelledby={`${base}-tab-${id}`}
      tabIndex={-1}
      className={className}
    >
      {children}
    </div>
  );
}
