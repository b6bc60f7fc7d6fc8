import Scissors from 'lucide-react/icons/scissors';
import Trash2 from 'lucide-react/icons/trash-2';
import X from 'lucide-react/icons/x';
import { terminalLabel, type Conductor } from '#core/plan/index';
import { COLOUR_CODES, formatGauge, metres, type ColourCode, type Gauge, sizesFor } from '#core/units/index';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/WireBar';
import { Button } from '../../ui/Button';
import { LengthInput } from '../../ui/LengthInput';
import { SelectField } from '../../ui/Field';
import { pointedHash } from '../../parts/pointedAt';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import css from './WireBar.module.css';

interface Props {
  readonly wire: Conductor;
  readonly isCut: boolean;
  onRemove(): void;
  onCut(): void;
  onClose(): void;
}

/** The chosen wire: what it is, and everything about it that can be changed. */
export function WireBar({ wire, isCut, onRemove, onCut, onClose }: Props) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const unit = useUnit();
  const patch = (change: Partial<Conductor>) =>
    dispatch({ kind: 'setConductor', id: wire.id, patch: change }, say.change(wire.number));
  const sizes: Gauge[] = [...sizesFor(plan.site.units)];
  if (!sizes.includes(wire.gauge)) sizes.unshift(wire.gauge);
  return (
    <div className={css['bar']} role="group" aria-label={say.wire(wire.number)}>
      <p className={css['what']}>
        <b>{wire.number}</b> {terminalLabel(plan, wire.from, wire.door)} –{' '}
        {terminalLabel(plan, wire.to, wire.door)}
      </p>
      <SelectField
        label={say.colour}
        bare
        value={wire.colour}
        onChange={(event) => patch({ colour: event.target.value as ColourCode })}
      >
        {COLOUR_CODES.map((code) => (
          <option key={code} value={code}>
            {code} {COLOUR_NAMES[code]}
          </option>
        ))}
      </SelectField>
      <SelectField
        label={say.size}
        bare
        value={wire.gauge}
        onChange={(event) => patch({ gauge: event.target.value as Gauge })}
      >
        {sizes.map((gauge) => (
          <option key={gauge} value={gauge}>
            {formatGauge(gauge)}
          </option>
        ))}
      </SelectField>
      <LengthInput
        label={say.length}
        length={wire.length}
        unit={unit}
        assumed={wire.assumed.includes('length')}
        onKeep={(length) => patch({ length: metres(length) })}
      />
      <span className={css['acts']}>
        <a
          className={css['link']}
          href={pointedHash({ kind: 'wire', id: wire.id })}
          title={say.anAddressThatLeadsHere}
        >
          {say.link}
        </a>
        <Button size="s" icon={<Scissors aria-hidden />} onClick={onCut}>
          {isCut ? say.mend : say.cut}
        </Button>
        <Button size="s" icon={<Trash2 aria-hidden />} onClick={onRemove}>
          {say.remove}
        </Button>
        <Button size="s" look="quiet" aria-label={say.close} icon={<X aria-hidden />} onClick={onClose} />
      </span>
    </div>
  );
}
