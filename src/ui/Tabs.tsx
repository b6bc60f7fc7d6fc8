import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import css from './Tabs.module.css';

interface Props<T extends string> {
  readonly value: T;
  readonly tabs: readonly { readonly id: T; readonly label: string }[];
  onChange(id: T): void;
  readonly label: string;
}

/** Views of the same thing, side by side. Arrow keys move, as in any tab list. */
export const TabList = <T extends string>({ tabs, label }: Pick<Props<T>, 'tabs' | 'label'>) => (
  <Radix.List className={css['list']} aria-label={label}>
    {tabs.map((tab) => (
      <Radix.Trigger key={tab.id} value={tab.id} className={css['tab']}>
        {tab.label}
      </Radix.Trigger>
    ))}
  </Radix.List>
);

export const TabRoot = <T extends string>({
  value,
  onChange,
  children,
  className,
}: Pick<Props<T>, 'value' | 'onChange'> & { children: ReactNode; className?: string }) => (
  <Radix.Root
    value={value}
    onValueChange={(id) => onChange(id as T)}
    className={className}
    activationMode="automatic"
  >
    {children}
  </Radix.Root>
);

export const TabPanel = ({
  id,
  children,
  className,
}: {
  id: string;
  children: ReactNode;
  className?: string;
}) => (
  <Radix.Content value={id} className={className} tabIndex={-1}>
    {children}
  </Radix.Content>
);
