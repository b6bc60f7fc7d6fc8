import type { ReactNode } from 'react';
import css from './Empty.module.css';

/** What a place says while there is nothing in it: what it is for, and the step that fills it. */
export const Empty = ({
  title,
  children,
  action,
}: {
  title: string;
  children?: ReactNode;
  action?: ReactNode;
}) => (
  <div className={css['empty']}>
    <h2>{title}</h2>
    {children && <p>{children}</p>}
    {action}
  </div>
);
