import type { ReactNode } from 'react';

export interface MenuItem {
  readonly id: string;
  readonly label: ReactNode;
  readonly hint?: string;
  readonly checked?: boolean;
  readonly disabled?: boolean;
  onSelect(): void;
}

export interface MenuProps {
  /** The button that opens it. */
  readonly trigger: ReactNode;
  readonly items: readonly MenuItem[];
  readonly label: string;
  readonly side?: 'top' | 'bottom';
}
