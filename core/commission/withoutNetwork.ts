import type { CheckContext } from '../checks/index';
import { does } from '../devices/index';
import { letsIn, waysOut } from '../prove/index';
import { stimulate } from '../simulate/index';
import { yes, type CheckItem } from './checkItem';

/** What still works at the door while its network is lost: whoever tests it pulls the cable and tries. */
export function withoutNetwork({ world, rest, parts }: CheckContext): CheckItem[] {
  const tag = parts.locks[0]?.device.tag;
  const told = parts.decider && does(parts.decider.type, 'link');
  if (tag === undefined || !told || !letsIn(world, rest)) return [];
  const lost = stimulate(world, rest, { kind: 'network', on: false }).state;
  const exit = waysOut(world, lost).works.find(({ kind }) => kind === 'exit');
  return [
    yes('network-lost', 'network-lost', {
      tag,
      in: letsIn(world, lost) ? 1 : 0,
      exit: exit?.kind === 'exit' ? exit.tag : '',
    }),
  ];
}
