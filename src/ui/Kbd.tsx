import css from './Kbd.module.css';

/** A key, as printed on it. */
export const Kbd = ({ children }: { children: string }) => <kbd className={css['kbd']}>{children}</kbd>;
