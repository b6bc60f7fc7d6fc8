import Printer from 'lucide-react/icons/printer';
import Smartphone from 'lucide-react/icons/smartphone';
import { say } from '#words/stations/program/KeypadProgramming';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';

interface Props {
  /** How many lines are to be keyed. */
  readonly toKey: number;
  /** Whether the programming code is one that the keypad takes. */
  readonly fits: boolean;
  readonly isPlaying: boolean;
  /** The simulated keypad waits at the door, in no state of its programming. */
  readonly isAtDoor: boolean;
  onDoor(): void;
  onPlay(): void;
  onPrint(withCodes: boolean): void;
}

/** What is done with a key sheet: worked off at the door, keyed into the simulated keypad, printed. */
export function SheetActs({ toKey, fits, isPlaying, isAtDoor, onDoor, onPlay, onPrint }: Props) {
  return (
    <>
      <Button
        look={toKey > 0 ? 'main' : 'plain'}
        icon={<Smartphone aria-hidden />}
        disabled={!fits}
        onClick={onDoor}
      >
        {say.doorLineLine}
      </Button>
      {toKey > 0 && (
        <Button disabled={isPlaying || !fits || !isAtDoor} onClick={onPlay}>
          {isPlaying ? say.keyingIn : say.keyIntoSimulatedOne}
        </Button>
      )}
      {toKey > 0 && (
        <Menu
          label={say.theSheetOnPaper}
          side="top"
          trigger={
            <Button look="quiet" disabled={!fits} icon={<Printer aria-hidden />}>
              {say.print}
            </Button>
          }
          items={[
            { id: 'plain', label: say.withoutCodes, onSelect: () => onPrint(false) },
            {
              id: 'codes',
              label: say.codesWhoeverPaperCan,
              onSelect: () => onPrint(true),
            },
          ]}
        />
      )}
    </>
  );
}
