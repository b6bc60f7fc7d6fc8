import type { ReleaseTree, TreeColumn, TreeDoor, TreePart, TreeRelay } from '#core/reach/index';
import { spoken, texts } from '../messages';

export const TREE_COLUMNS: Readonly<Record<TreeColumn, string>> = texts({
  zone: 'Fire zone',
  relay: 'Fire relay',
  part: 'Works on',
  door: 'Door',
});

/** Two lines of a box. */
export type BoxWords = readonly [string, string];

const RUNS = ['a run of its own', 'on from another door'] as const;

function relayWords(tree: ReleaseTree, { id, tag, door, latching }: TreeRelay): BoxWords {
  const throws = new Set(tree.works.filter(({ relay }) => relay === id).map((work) => work.throw));
  const [first] = throws;
  const contact = first === undefined ? 'releases no door' : first === 'none' ? 'not wired' : first;
  return [door === null ? tag : `${door} ${tag}`, `${contact} · ${latching ? 'latching' : 'not latched'}`];
}

function partWords(tree: ReleaseTree, { id, kind, tags, door }: TreePart): BoxWords {
  if (kind === 'lock-power') return ['lock power', tags.length > 0 ? tags.join(', ') : 'no wire'];
  const hops = Math.max(0, ...tree.works.filter(({ part }) => part === id).map((work) => work.hops));
  return [`${door ?? 'site'} ${tags.join(', ')} fire input`, RUNS[hops === 0 ? 0 : 1]];
}

function doorWords({ id, by, dead, lever }: TreeDoor, name: string): BoxWords {
  const leaves = lever === true ? 'out by its lever' : lever === false ? 'no lever' : 'lever not said';
  const state = dead ?? 'not decided';
  const freed = by.filter(({ frees }) => frees).length;
  if (by.length > 0 && freed < by.length) return [`${id} ${name}`, `✕ ${state}: not let go`];
  return [
    `${id} ${name}`,
    by.length > 0 && dead === 'fail-safe' ? `${state}: let go` : `${state}: ${leaves}`,
  ];
}

/** What stands in a box of the picture. */
export const treeBoxWords = spoken(function treeBoxWords(
  tree: ReleaseTree,
  column: TreeColumn,
  id: string,
  doorName: (id: string) => string,
): BoxWords {
  switch (column) {
    case 'zone': {
      const { name, trips } = tree.zones.find((zone) => zone.id === id) ?? { name: id, trips: 0 };
      return [name, trips === 0 ? 'trips no relay' : `trips ${trips} ${trips === 1 ? 'relay' : 'relays'}`];
    }
    case 'relay':
      return relayWords(
        tree,
        tree.relays.find((one) => one.id === id)!,
      );
    case 'part':
      return partWords(
        tree,
        tree.parts.find((one) => one.id === id)!,
      );
    case 'door':
      return doorWords(
        tree.doors.find((one) => one.id === id)!,
        doorName(id),
      );
  }
});
