import { useMemo } from 'react';
import Printer from 'lucide-react/icons/printer';
import { typeIn, type DoorId } from '#core/plan/index';
import {
  SHEATH_MM,
  SLACK_MM,
  terminalCards,
  type CardRow,
  type Landing,
  type TerminalCard,
} from '#core/schedule/index';
import { COLOURS, formatGauge, formatInches, type LengthUnit } from '#core/units/index';
import { say } from '#words/stations/wire/TerminalsView';
import { Button } from '../../ui/Button';
import { Symbol } from '../../ui/Symbol';
import { cx } from '../../ui/cx';
import { useHighlight } from '../../parts/navigation';
import { usePlan, useUnit } from '../../store/context';
import type { Wiring } from '../../parts/useWiring';
import css from './TerminalsView.module.css';

/** One card a device, to hold beside it: what lands where, in the order its terminals are printed. */
export function TerminalsView({ door, wiring }: { door: DoorId; wiring: Wiring }) {
  const plan = usePlan();
  const unit = useUnit();
  const cards = useMemo(() => terminalCards(plan, door), [plan, door]);
  return (
    <div className={css['view']} data-print="cards">
      <p className={css['rule']}>
        <span>{say.leaveSlackEveryDevice(small(SLACK_MM, unit), small(SHEATH_MM, unit))}</span>
        <Button
          size="s"
          icon={<Printer aria-hidden />}
          onClick={() => window.print()}
          className={css['print']}
        >
          {say.printTheCards}
        </Button>
      </p>
      <div className={css['cards']}>
        {cards.map((card) => (
          <Card key={card.device.id} card={card} door={door} wiring={wiring} />
        ))}
      </div>
    </div>
  );
}

function Card({ card, door, wiring }: { card: TerminalCard; door: DoorId; wiring: Wiring }) {
  const plan = usePlan();
  const { id: lit, point } = useHighlight();
  const { device, name, rows } = card;
  const far = device.door !== door && device.door !== null;
  return (
    <article
      className={cx(css['card'], lit === device.id && css['lit'])}
      aria-label={say.terminalsOf(device.tag)}
    >
      <header>
        <Symbol id={typeIn(plan, device).symbol} />
        <b>{far ? `${device.door}/${device.tag}` : device.tag}</b>
        <span>{name}</span>
      </header>
      <table>
        <caption className="hush">{say.landsOrderTerminals(device.tag)}</caption>
        <thead>
          <tr>
            <th scope="col">{say.terminal}</th>
            <th scope="col">{say.wire}</th>
            <th scope="col">{say.goesTo}</th>
            <th scope="col">{say.prepare}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Rows key={row.terminal.id} row={row} card={card} lit={lit} point={point} wiring={wiring} />
          ))}
        </tbody>
      </table>
      {far && <p className={css['far']}>{say.itStandsAt(device.door)}</p>}
    </article>
  );
}

interface RowProps {
  readonly row: CardRow;
  readonly card: TerminalCard;
  readonly lit: string | null;
  point(id: string | null): void;
  readonly wiring: Wiring;
}

function Rows({ row, card, lit, point, wiring }: RowProps) {
  const unit = useUnit();
  const { terminal, landings, cap } = row;
  const pin = terminal.id.replace('-', '−');
  const lead = terminal.colour ? ` ${terminal.colour}` : '';
  const terminalCell = (span: number) => (
    <th scope="row" rowSpan={span}>
      {pin}
      {lead && <small>{say.lead(lead.trim())}</small>}
    </th>
  );
  if (landings.length === 0) {
    return (
      <tr className={css['empty']}>
        {terminalCell(1)}
        <td colSpan={3}>{cap && card.landed > 0 ? say.capItOnItsOwn : say.nothing}</td>
      </tr>
    );
  }
  return landings.map((landing, index) => (
    <tr
      key={landing.conductor.id}
      className={cx(lit === landing.conductor.id && css['on'])}
      onMouseEnter={() => point(landing.conductor.id)}
      onMouseLeave={() => point(null)}
    >
      {index === 0 && terminalCell(landings.length)}
      <td>
        <button type="button" className={css['wire']} onClick={() => wiring.chooseWire(landing.conductor.id)}>
          <i style={{ background: COLOURS[landing.conductor.colour].hex }} aria-hidden />
          {landing.conductor.number} {landing.conductor.colour}
        </button>
      </td>
      <td>
        {landing.to}
        {landing.link && <small>{say.link}</small>}
        {landing.conductor.cable && <small>{landing.conductor.cable}</small>}
      </td>
      <td>{prepare(landing, unit)}</td>
    </tr>
  ));
}

/** A length at the bench: millimetres, or inches where the site is American. */
const small = (mm: number, unit: LengthUnit): string => (unit === 'ft' ? formatInches(mm) : say.mm(mm));

const prepare = ({ stripMm, ferrule, conductor }: Landing, unit: LengthUnit): string =>
  ferrule
    ? say.ferrule(small(stripMm, unit), ferrule.twin, formatGauge(conductor.gauge))
    : say.bare(small(stripMm, unit));
