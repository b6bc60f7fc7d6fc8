import { type Conductor, type Edit } from '#core/plan/index';
import { COLOUR_CODES, formatGauge, type ColourCode, type Gauge } from '#core/units/index';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/WireTable';
import { useDispatch, usePlan } from '../../store/context';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { gaugeChoices } from './CellEdits';
import css from './WireTable.module.css';

/** What can be done to several wires at once, in one step of the history. */
export function ChosenWires({ chosen, onDone }: { chosen: readonly Conductor[]; onDone(): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const all = (label: string, edit: (wire: Conductor) => Edit) => {
    if (dispatch({ kind: 'batch', label, edits: chosen.map(edit) }, label)) onDone();
  };
  const patch = (label: string, change: Partial<Omit<Conductor, 'id' | 'door'>>) =>
    all(label, ({ id }) => ({ kind: 'setConductor', id, patch: change }));

  return (
    <div className={css['bulk']} role="group" aria-label={say.chosenWires}>
      <SelectField
        label={say.colourOfTheChosen}
        bare
        value=""
        onChange={(event) => patch(say.changeColour, { colour: event.target.value as ColourCode })}
      >
        <option value="">{say.colour2}</option>
        {COLOUR_CODES.map((code) => (
          <option key={code} value={code}>
            {code} {COLOUR_NAMES[code]}
          </option>
        ))}
      </SelectField>
      <SelectField
        label={say.sizeOfTheChosen}
        bare
        value=""
        onChange={(event) => patch(say.changeSize, { gauge: event.target.value as Gauge })}
      >
        <option value="">{say.size2}</option>
        {gaugeChoices(plan.site.units).map((gauge) => (
          <option key={gauge} value={gauge}>
            {formatGauge(gauge)}
          </option>
        ))}
      </SelectField>
      <Button
        size="s"
        onClick={() => patch(say.keepByHand, { origin: 'hand' })}
        title={say.aldabaThenLeavesThemAlone}
      >
        {say.keepAsLaidByHand}
      </Button>
      <Button size="s" onClick={() => all(say.removeWires, ({ id }) => ({ kind: 'disconnect', id }))}>
        {say.remove(chosen.length)}
      </Button>
    </div>
  );
}
