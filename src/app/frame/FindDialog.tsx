import { Command, defaultFilter } from 'cmdk';
import { Dialog as Radix } from 'radix-ui';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { say } from '#words/app/frame/FindDialog';
import { useHighlight, useNavigate } from '../../parts/navigation';
import { usePlan } from '../../store/context';
import { findables, found, type Findable } from './findable';
import type { TypedAhead } from './typedAhead';
import css from './FindDialog.module.css';

interface Props {
  readonly open: boolean;
  onOpenChange(open: boolean): void;
  readonly door: string | null;
  /** What was typed before the field had the focus; from the call on, keys go to the field. */
  takeTyped(): TypedAhead;
  onKeys(): void;
}

/** Finds doors, devices, wires, people, stations and pages by a few letters, also by what people call them. */
export const FindDialog = ({ open, onOpenChange, door, takeTyped, onKeys }: Props) => (
  <Radix.Root open={open} onOpenChange={onOpenChange}>
    <Radix.Portal>
      <Radix.Overlay className={css['overlay']} />
      <Radix.Content className={css['find']} aria-describedby={undefined}>
        <Radix.Title className="hush">{say.find}</Radix.Title>
        <Finder door={door} takeTyped={takeTyped} onKeys={onKeys} onDone={() => onOpenChange(false)} />
      </Radix.Content>
    </Radix.Portal>
  </Radix.Root>
);

const fit = (value: string, letters: string): number => defaultFilter(value, letters, []);

/** Stands only while it is open: a site of many doors has thousands of things to be found. */
function Finder({
  door,
  takeTyped,
  onKeys,
  onDone,
}: Pick<Props, 'door' | 'takeTyped' | 'onKeys'> & { onDone(): void }) {
  const plan = usePlan();
  const go = useNavigate();
  const { point } = useHighlight();
  const [letters, setLetters] = useState('');
  const [at, setAt] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const all = useMemo(() => findables(plan, door), [plan, door]);
  const { shown, more } = useMemo(() => found(all, letters, fit), [all, letters]);
  const choose = ({ way }: Findable) => {
    onDone();
    if (way.kind === 'keys') return onKeys();
    if (way.kind === 'page') return go(way);
    go({ kind: 'door', door: way.door, station: way.station });
    if (way.subject) point(way.subject);
  };
  useLayoutEffect(() => {
    field.current?.focus();
    const typed = takeTyped();
    const first = found(all, typed.letters, fit).shown[0];
    if (typed.chosen && first) return choose(first);
    setLetters(typed.letters);
    // Once, when it opens: from then on its own field has the keys.
  }, []);
  // The first that is found is meant, until another is pointed at.
  const meant = shown.some(({ value }) => value.trim() === at) ? at : (shown[0]?.value.trim() ?? '');
  const groups = [...new Set(shown.map(({ group }) => group))];
  return (
    <Command label={say.find} loop shouldFilter={false} value={meant} onValueChange={setAt}>
      <Command.Input
        ref={field}
        placeholder={say.doorDeviceWireOrPerson}
        className={css['input']}
        value={letters}
        onValueChange={(next) => {
          setLetters(next);
          setAt('');
        }}
      />
      <Command.List className={css['list']}>
        <Command.Empty className={css['none']}>{say.nothingByThatName}</Command.Empty>
        {groups.map((group) => (
          <Command.Group key={group} heading={group}>
            {shown
              .filter((one) => one.group === group)
              .map((one) => (
                <Command.Item key={one.id} value={one.value} onSelect={() => choose(one)}>
                  {one.head && <b>{one.head}</b>} {one.text} {one.place && <small>{one.place}</small>}
                </Command.Item>
              ))}
          </Command.Group>
        ))}
        {more > 0 && <p className={css['more']}>{say.moreTypeMoreLetters(more)}</p>}
      </Command.List>
    </Command>
  );
}
