import type { Act } from '../acts/index';
import { player, type Inhabitant, type Player, type SimState, type World } from '../simulate/index';
import { fireReleases, sameReleases, soloReleases } from './fireReleases';
import type { Situation } from './situation';
import { SITUATIONS } from './situations';
import { sameSituationStimuli, situationStimuli } from './situationStimuli';

/** A situation as one device brings it about. */
export interface Trial {
  readonly situation: Situation;
  readonly device: Inhabitant['device'] | null;
  readonly output?: number;
  readonly act?: Act;
}

/** Where a trial is made, in labels of the door, those of another with its number before; null where nowhere in particular. */
export const trialAt = ({ device, output = 0, act }: Trial): string | null => {
  const at = device && (output > 0 ? `${device.tag} output ${output + 1}` : device.tag);
  if (!act || !at) return at;
  const code = act.stimulus.kind === 'credential' ? (act.stimulus.output ?? 0) : 0;
  return `${device.door} ${at}${code > 0 ? ` output ${code + 1}` : ''}`;
};

/** Every way in which every situation can be brought about at this door. `rest`: the door at rest, where it is at hand. */
export function trialsOf(world: World, rest?: SimState): Trial[] {
  situationStimuli(world, rest);
  soloReleases(world, rest);
  return SITUATIONS.flatMap(
    (situation): Trial[] =>
      situation.at?.(world)?.map(({ device, output = 0, act }) => ({
        situation,
        device,
        output,
        ...(act ? { act } : {}),
      })) ?? [{ situation, device: null }],
  );
}

/** A door with something broken in it is still tried as the sound one is: at the same devices, by the same fire relays. */
export const sameTrials = (sound: World, broken: World, rest?: SimState): void => {
  sameReleases(sound, broken, rest);
  sameSituationStimuli(sound, broken, rest);
};

/** Plays a trial. */
export const played = <T>(
  { situation, device, output, act }: Trial,
  world: World,
  rest: T,
  by: Player<T>,
): T | null => situation.prepare(world, rest, by, device?.id ?? '', output ?? 0, act);

/** Brings a trial about in the simulation itself. */
export const tried = (trial: Trial, world: World, rest: SimState): SimState | null => {
  fireReleases(world, rest);
  soloReleases(world, rest);
  situationStimuli(world, rest);
  return played(trial, world, rest, player(world));
};

/** Brings a situation about in the simulation itself, at the first device where it can be. */
export const prepared = (situation: Situation, world: World, rest: SimState): SimState | null => {
  const at = situation.at?.(world) ?? null;
  return at?.length === 0 ? null : tried({ situation, device: null, ...at?.[0] }, world, rest);
};
