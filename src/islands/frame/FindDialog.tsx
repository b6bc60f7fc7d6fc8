import { Command, defaultFilter } from 'cmdk';
import { Dialog as Radix } from 'radix-ui';
import { useMemo, useState } from 'react';
import { useHighlight, useNavigate } from '../navigation';
import { usePlan } from '../store/context';
import { findables, found, type Findable } from './findable';
import css from './FindDialog.module.css';

interface Props {
  readonly open: boolean;
  onOpenChange(open: boolean): void;
  readonly door: string | null;
}

/** Finds doors, devices, wires, people and stations by a few letters. */
export const FindDialog = ({ open, onOpenChange, door }: Props) => (
  <Radix.Root open={open} onOpenChange={onOpenChange}>
    <Radix.Portal>
      <Radix.Overlay className={css['overlay']} />
      <Radix.Content className={css['find']} aria-describedby={undefined}>
        <Radix.Title className="hush">Find</Radix.Title>
        <Finder door={door} onDone={() => onOpenChange(false)} />
      </Radix.Content>
    </Radix.Portal>
  </Radix.Root>
);

const fit = (value: string, letters: string): number => defaultFilter(value, letters, []);

/** Stands only while it is open: a site of many doors has thousands of things to be found. */
function Finder({ door, onDone }: { door: string | null; onDone(): void }) {
  const plan = usePlan();
  const go = useNavigate();
  const { point } = useHighlight();
  const [letters, setLetters] = useState('');
  const all = useMemo(() => findables(plan, door), [plan, door]);
  const { shown, more } = useMemo(() => found(all, letters, fit), [all, letters]);
  const choose = ({ way }: Findable) => {
    onDone();
    if (way.kind === 'people') return go({ kind: 'page', page: 'people' });
    go({ kind: 'door', door: way.door, station: way.station });
    if (way.subject) point(way.subject);
  };
  const groups = [...new Set(shown.map(({ group }) => group))];
  return (
    <Command label="Find" loop shouldFilter={false}>
      <Command.Input
        placeholder="Door, device, wire or person"
        className={css['input']}
        value={letters}
        onValueChange={setLetters}
      />
      <Command.List className={css['list']}>
        <Command.Empty className={css['none']}>Nothing by that name.</Command.Empty>
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
        {more > 0 && <p className={css['more']}>{more} more: type more letters.</p>}
      </Command.List>
    </Command>
  );
}
