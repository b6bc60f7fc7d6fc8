import {
  fromLeaflet,
  languageProblems,
  type KeypadLanguage,
  type LanguageProblem,
} from '#core/keypads/index';
import type { Leaflet } from '#core/plan/index';
import { languageSchema } from '#core/plan/schemas/language';

/** What can be said of a leaflet while it is written. */
export interface Judged {
  readonly leaflet: Leaflet | null;
  readonly language: KeypadLanguage | null;
  /** By the path of the field, dots between its steps. */
  readonly issues: ReadonlyMap<string, string>;
  readonly problems: readonly LanguageProblem[];
}

export function judgeLeaflet(draft: Leaflet): Judged {
  const parsed = languageSchema.safeParse(JSON.parse(JSON.stringify(draft)));
  if (!parsed.success) {
    const issues = new Map<string, string>();
    for (const { path, message } of parsed.error.issues)
      if (!issues.has(path.join('.'))) issues.set(path.join('.'), message);
    return { leaflet: null, language: null, issues, problems: [] };
  }
  const language = fromLeaflet(parsed.data);
  return { leaflet: parsed.data, language, issues: new Map(), problems: languageProblems(language) };
}
