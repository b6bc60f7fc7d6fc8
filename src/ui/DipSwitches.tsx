import css from './DipSwitches.module.css';

/** A bank of DIP switches set to a number: the first is the lowest bit, up is on. */
export const DipSwitches = ({ value, bits }: { value: number; bits: number }) => {
  const on = Array.from({ length: bits }, (_, bit) => Math.floor(value / 2 ** bit) % 2 === 1);
  const said = on.flatMap((up, bit) => (up ? [String(bit + 1)] : []));
  const label = `DIP switches for ${value}: ${said.length > 0 ? `${said.join(', ')} on` : 'all off'}`;
  const width = bits * 14 + 8;
  return (
    <svg
      className={css['bank']}
      viewBox={`0 0 ${width} 44`}
      width={width}
      height={44}
      role="img"
      aria-label={label}
    >
      <rect x={0.5} y={0.5} width={width - 1} height={43} rx={2} className={css['body']} />
      {on.map((up, bit) => (
        <g key={bit}>
          <rect x={6 + bit * 14} y={7} width={10} height={22} className={css['slot']} />
          <rect x={7 + bit * 14} y={up ? 8 : 19} width={8} height={9} className={css['lever']} />
          <text x={11 + bit * 14} y={40} className={css['digit']} textAnchor="middle">
            {bit + 1}
          </text>
        </g>
      ))}
    </svg>
  );
};
