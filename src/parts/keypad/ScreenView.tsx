import type { ScreenText } from '#core/keypads/index';
import { screenWords } from '#words/screen';
import { cx } from '../../ui/cx';
import css from './ScreenView.module.css';

interface Props {
  readonly text: ScreenText;
  /** Lines that it shows at a time. */
  readonly rows: number;
  /** Whether it stands by itself, or is what a real one is held against. */
  readonly label: string;
  /** What it says for a moment, where that is not part of what stands on it. */
  readonly said?: string;
}

/** A terminal's screen: its title, the lines about the one that is marked, and what was stored last. */
export function ScreenView({ text, rows, label, said = '' }: Props) {
  const { title, lines, marked, foot } = screenWords(text);
  const from = Math.max(0, Math.min((marked ?? 0) - rows + 1, lines.length - rows));
  const shown = lines.slice(from, from + rows);
  return (
    <div
      className={css['screen']}
      role="group"
      aria-label={label}
      style={{ minHeight: `${rows * 1.5 + 3.6}em` }}
    >
      <p className={css['title']}>
        <span>{title}</span>
        {lines.length > rows && marked !== null && (
          <span className="figures">
            {marked + 1}/{lines.length}
          </span>
        )}
      </p>
      <ul>
        {shown.map((line, index) => (
          <li
            key={from + index}
            className={cx(marked === from + index && css['marked'])}
            aria-current={marked === from + index || undefined}
          >
            {line}
          </li>
        ))}
      </ul>
      <p className={css['foot']}>{said || foot}</p>
    </div>
  );
}
