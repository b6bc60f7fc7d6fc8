import {
  terminalLabel,
  understood,
  wireDefaults,
  type DoorId,
  type LineFault,
  type Plan,
} from '#core/plan/index';
import { formatGauge, formatLength, type LengthUnit } from '#core/units/index';
import { lineFaultWords } from '#words/rowProblems';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/ReadSoFar';
import { cx } from '../../ui/cx';
import css from './WireEntry.module.css';

interface Props {
  readonly id: string;
  readonly plan: Plan;
  readonly door: DoorId;
  readonly unit: LengthUnit;
  readonly text: string;
}

/** A word that is still being typed is not wrong yet; nor is a line that goes on. */
const isOver = ({ code, end }: LineFault, text: string): boolean =>
  code === 'same-terminal' || (code !== 'no-second' && code !== 'empty' && end < text.length);

/** What is understood of a typed wire while it is typed: what was not said stands as what will be assumed. */
export function ReadSoFar({ id, plan, door, unit, text }: Props) {
  const { fault, from, to, colour, gauge, length } = understood(plan, door, text);
  const usual = wireDefaults(plan.site);
  const over = fault && isOver(fault, text);
  const taken = (given: boolean, shown: string) => (
    <span className={cx(!given && css['assumed'])}>{given ? shown : say.assumed(shown)}</span>
  );
  return (
    <p id={id} className={css['read']}>
      <span>{from ? terminalLabel(plan, from, door) : '…'}</span>
      <span>{say.to(to ? terminalLabel(plan, to, door) : '…')}</span>
      {to && (
        <>
          {taken(colour !== undefined, COLOUR_NAMES[colour ?? usual.colour])}
          {taken(gauge !== undefined, formatGauge(gauge ?? usual.gauge))}
          {taken(length !== undefined, formatLength(length ?? usual.length, unit))}
        </>
      )}
      {over && <b>{lineFaultWords(fault)}</b>}
    </p>
  );
}
