import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react';
import { cx } from './cx';
import css from './Button.module.css';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** `main` for the one thing to do here, `stop` for putting right a stop, `frame` on the dark bench. */
  readonly look?: 'plain' | 'main' | 'stop' | 'quiet' | 'frame';
  readonly size?: 's' | 'm' | 'l';
  readonly icon?: ReactNode;
  readonly ref?: Ref<HTMLButtonElement>;
  /** Has the focus when its dialog opens. */
  readonly 'data-first'?: boolean;
  /** Has the focus when its page opens: see `frame/focusRule.ts`. */
  readonly 'data-start'?: boolean;
}

export const Button = ({
  look = 'plain',
  size = 'm',
  icon,
  className,
  children,
  type = 'button',
  ...rest
}: Props) => (
  <button type={type} className={cx(css['button'], css[look], css[size], className)} {...rest}>
    {icon}
    {children}
  </button>
);
