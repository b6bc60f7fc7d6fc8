import { mustRead, writeNotation, type Shape, type Token } from '../leaflet/index';
import { findIn, type Leaflet, type Plan } from '../plan/index';
import type { Command, KeypadLanguage, Mode } from './language';
import { findLanguage } from './library/index';

/** A language from its leaflet. Throws where a text cannot be read: what a plan holds always can. */
export function fromLeaflet({ entry, modes, version: _version, ...rest }: Leaflet): KeypadLanguage {
  const read = (text: string) => mustRead(text, rest satisfies Shape, rest.id);
  return {
    ...rest,
    entry: read(entry),
    modes: modes.map(({ id, title, from, enter, as, leave, commands }): Mode => ({
      id,
      title,
      from,
      enter: read(enter),
      as: as.map(read),
      leave: read(leave),
      commands: commands.map(({ strokes, title: called, time, output, toggle, answer, does }): Command => ({
        does,
        strokes: read(strokes),
        ...(called === undefined ? {} : { title: called }),
        ...(time === undefined ? {} : { time }),
        ...(output === undefined ? {} : { output }),
        ...(toggle === undefined ? {} : { toggle }),
        ...(answer === undefined ? {} : { answer }),
      })),
    })),
  };
}

/** A language of the library as a leaflet, for whoever begins with it. */
export function toLeaflet(language: KeypadLanguage, id: string, name: string): Leaflet {
  const write = (tokens: readonly Token[]) => writeNotation(tokens, language);
  const { entry, modes, ...rest } = language;
  return {
    ...rest,
    id,
    name,
    version: 1,
    entry: write(entry),
    modes: modes.map((mode) => ({
      ...mode,
      enter: write(mode.enter),
      as: mode.as.map(write),
      leave: write(mode.leave),
      commands: mode.commands.map((command) => ({ ...command, strokes: write(command.strokes) })),
    })),
  } as Leaflet;
}

const compiled = new WeakMap<Leaflet, KeypadLanguage>();

/** A language by its id: of the site, or of the library; undefined where nobody described it. */
export function languageOf(
  plan: Pick<Plan, 'languages'>,
  id: string | undefined,
): KeypadLanguage | undefined {
  const leaflet = id === undefined ? undefined : findIn(plan.languages, id);
  if (!leaflet) return findLanguage(id);
  const known = compiled.get(leaflet) ?? fromLeaflet(leaflet);
  compiled.set(leaflet, known);
  return known;
}
