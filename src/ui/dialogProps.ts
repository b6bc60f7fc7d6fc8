import type { ReactNode } from 'react';

export interface DialogProps {
  readonly open: boolean;
  onOpenChange(open: boolean): void;
  readonly title: string;
  readonly description?: string;
  readonly wide?: boolean;
  readonly children: ReactNode;
}
