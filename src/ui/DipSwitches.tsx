import { say } from '#words/ui/DipSwitches';
import css from './DipSwitches.module.css';

/** A bank of DIP switches set to a number: the first is the lowest bit, up is on. */
export const DipSwitches = ({ value, bits }: { value: number; bits: number }) => (
  <SwitchBank
    name={say.dipSwitchesFor(value)}
    positions={Array.from({ length: bits }, (_, bit) => Math.floor(value / 2 ** bit) % 2 === 1)}
  />
);

/** A bank of DIP switches as it has to stand, the first at the left, up is on. */
export const SwitchBank = ({ name, positions }: { name: string; positions: readonly boolean[] }) => {
  const said = positions.flatMap((up, row) => (up ? [String(row + 1)] : []));
  const width = positions.length * 14 + 8;
  return (
    <svg
      className={css['bank']}
      viewBox={`0 0 ${width} 44`}
      width={width}
      height={44}
      role="img"
      aria-label={`${name}: ${said.length > 0 ? say.on(said.join(', ')) : say.allOff}`}
    >
      <rect x={0.5} y={0.5} width={width - 1} height={43} rx={2} className={css['body']} />
      {positions.map((up, row) => (
        <g key={row}>
          <rect x={6 + row * 14} y={7} width={10} height={22} className={css['slot']} />
          <rect x={7 + row * 14} y={up ? 8 : 19} width={8} height={9} className={css['lever']} />
          <text x={11 + row * 14} y={40} className={css['digit']} textAnchor="middle">
            {row + 1}
          </text>
        </g>
      ))}
    </svg>
  );
};
