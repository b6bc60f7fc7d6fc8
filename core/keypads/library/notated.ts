import type { Command, Deed, KeypadLanguage, Mode, Reply } from '../language';
import { mustRead, type Shape } from '../../leaflet/index';

type NotatedCommand = readonly [does: Deed, strokes: string, more?: Omit<Command, 'does' | 'strokes'>];

interface NotatedMode {
  readonly id: string;
  readonly title?: string;
  readonly from?: string;
  readonly enter?: string;
  readonly as?: readonly string[];
  readonly leave?: string;
  readonly commands: readonly NotatedCommand[];
}

/** A language as its leaflet reads: everything that is keyed is written in the notation. */
export interface NotatedLanguage extends Omit<
  KeypadLanguage,
  'entry' | 'modes' | 'replies' | 'keys' | 'screen'
> {
  readonly keys?: KeypadLanguage['keys'];
  readonly screen?: KeypadLanguage['screen'];
  readonly entry: string;
  readonly modes: readonly NotatedMode[];
  readonly replies?: Partial<KeypadLanguage['replies']>;
}

export const PHONE_KEYS = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
  ['*', '0', '#'],
] as const;

export const short = (beeps: number, light: Reply['light']): Reply => ({ beeps, long: false, light });
export const long = (beeps: number, light: Reply['light']): Reply => ({ beeps, long: true, light });

const REPLIES: KeypadLanguage['replies'] = {
  opened: long(1, 'green'),
  refused: short(3, 'red'),
  programming: short(2, 'amber'),
  stored: short(1, 'amber'),
  left: long(1, 'off'),
  'timed-out': long(2, 'off'),
  'locked-out': short(5, 'red'),
  key: short(0, 'off'),
};

/** The language that a notated one describes. Throws where its notation cannot be read. */
export function notated({
  keys = PHONE_KEYS,
  screen = null,
  entry,
  modes,
  replies,
  ...rest
}: NotatedLanguage): KeypadLanguage {
  const shape: Shape = { ...rest, keys, screen };
  const read = (text: string) => mustRead(text, shape, rest.id);
  return {
    ...rest,
    keys,
    screen,
    entry: read(entry),
    modes: modes.map(
      ({ id, title = '', from = 'door', enter = '', as = [], leave = '', commands }): Mode => ({
        id,
        title,
        from,
        enter: read(enter),
        as: as.map(read),
        leave: read(leave),
        commands: commands.map(([does, strokes, more]): Command => ({
          does,
          strokes: read(strokes),
          ...more,
        })),
      }),
    ),
    replies: { ...REPLIES, ...replies },
  };
}
