import { SYMBOLS, type SymbolId } from '#core/devices/index';

/** Aldaba's own drawn symbol of a kind of device. It always stands beside its name. */
export const Symbol = ({ id, size = 22 }: { id: SymbolId; size?: number }) => (
  <svg
    viewBox="0 0 24 24"
    width={size}
    height={size}
    fill="none"
    stroke="currentColor"
    strokeWidth={1.4}
    strokeLinecap="round"
    strokeLinejoin="round"
    aria-hidden
  >
    <path d={SYMBOLS[id]} />
  </svg>
);
