import type { CardFormat } from '#core/cards/index';
import { say } from '#words/sitePages/access/Frame';
import { cx } from '../../ui/cx';
import css from '../../parts/access/Access.module.css';

/** The bits as they leave the reader: facility, number, parities. */
export function Frame({ format, bits }: { format: Omit<CardFormat, 'id' | 'name'>; bits: string }) {
  const kind = (at: number) =>
    format.parities.some((parity) => parity.at === at)
      ? 'parity'
      : format.facility && at >= format.facility.from && at <= format.facility.to
        ? 'facility'
        : at >= format.number.from && at <= format.number.to
          ? 'number'
          : 'same';
  const kinds = [...bits].map((_, index) => kind(index + 1));
  return (
    <div className={css['frame']} role="img" aria-label={say.frameFirstBitLeaves(bits)}>
      {[...bits].map((bit, index) => (
        <span
          key={index}
          className={cx(css['bit'], css[kind(index + 1)])}
          title={say.bit(index + 1, kind(index + 1))}
        >
          {bit}
        </span>
      ))}
      <small>
        <i className={css['parity']} /> {say.parity} <i className={css['facility']} /> {say.facility}{' '}
        <i className={css['number']} /> {say.number}
        {kinds.includes('same') && (
          <>
            {' '}
            <i className={css['same']} /> {say.theSameOnEveryCard}
          </>
        )}
      </small>
    </div>
  );
}
