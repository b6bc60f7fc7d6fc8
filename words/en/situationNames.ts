import type { Means, SituationId } from '#core/prove/index';
import { spoken } from '../messages';

const SITUATIONS: Record<SituationId, string> = {
  rest: 'At rest',
  credential: 'Valid credential',
  'credential-inside': 'Valid credential, inside',
  'wrong-credential': 'Wrong credential',
  exit: 'Request to exit',
  'left-open': 'Left open, then closed',
  forced: 'Forced, then closed',
  'mains-off': 'Mains lost, on battery',
  'battery-low': 'Battery at cut-off',
  'supply-dead': 'One supply dead',
  dead: 'Everything dead',
  'power-back': 'Power back after that',
  fire: 'Fire',
  'fire-burnt': 'Fire, then its cable burnt',
  'fire-power': 'Fire, then power lost and back',
  'fire-reset': 'Fire relay reset by key',
  'break-glass': 'Break glass',
  'break-glass-reset': 'Break glass reset',
  'controller-hung': 'Controller hung',
  'controller-dead': 'Controller dead',
  'network-lost': 'Network lost',
  lockdown: 'Lockdown',
  'partner-open': 'Other mantrap door open',
  'partner-unlocked': 'Other mantrap door unlocked',
  tamper: 'A lid lifted',
  'other-door': 'Something done at another door',
  'card-after-other-door': 'Valid credential after that',
};

export const situationName = spoken((id: string): string => SITUATIONS[id as SituationId] ?? id);

export const meansWords = spoken((means: Means): string => {
  switch (means.kind) {
    case 'lever':
      return 'the lever';
    case 'key':
      return 'a key';
    case 'unlocked':
      return 'just open it';
    case 'delayed':
      return `${means.tag} after ${Math.ceil(means.after / 1000)} s`;
    case 'exit':
    case 'break-glass':
      return means.tag;
  }
});
