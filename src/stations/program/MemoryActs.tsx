import { say } from '#words/stations/program/KeypadProgramming';
import { Button } from '../../ui/Button';
import css from './ProgramStation.module.css';

interface Props {
  readonly tag: string;
  onFound(): void;
  onRecord(): void;
  onBack(): void;
  onFactory(): void;
}

/** What the keypad holds: entered as it was found, recorded as keyed; the simulated one taken back or left as from the factory. */
export function MemoryActs({ tag, onFound, onRecord, onBack, onFactory }: Props) {
  return (
    <p className={css['record']}>
      <Button size="s" onClick={onFound}>
        {say.enterAsFound}
      </Button>
      <Button size="s" onClick={onRecord}>
        {say.recordDoorHolds(tag)}
      </Button>
      <Button size="s" look="quiet" onClick={onBack}>
        {say.takeSimulatedOneBack}
      </Button>
      <Button size="s" look="quiet" onClick={onFactory}>
        {say.factoryResetTheSimulatedOne}
      </Button>
    </p>
  );
}
