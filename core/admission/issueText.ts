import type * as z from 'zod';

/** One thing that a schema does not let through: the spot, and what it lacks. */
export interface Issue {
  readonly path: string;
  readonly message: string;
}

export function pathText(path: readonly PropertyKey[]): string {
  return path
    .map((step, i) => (typeof step === 'number' ? `[${step}]` : `${i > 0 ? '.' : ''}${String(step)}`))
    .join('');
}

type Raw = z.core.$ZodIssue;

/** Issues as spot and sentence. Of the branches of a choice, the one that came nearest speaks. */
export const issuesOf = (issues: readonly Raw[], prefix: readonly PropertyKey[] = []): Issue[] =>
  issues.flatMap((issue): Issue[] => {
    const path = [...prefix, ...issue.path];
    if (issue.code === 'unrecognized_keys') {
      const keys = issue.keys.map((key) => `"${key}"`).join(', ');
      return [{ path: pathText(path), message: `unknown key ${keys}` }];
    }
    if (issue.code === 'invalid_union' && issue.errors.length > 0) {
      const nearest = [...issue.errors].sort((a, b) => depth(b) - depth(a) || a.length - b.length)[0] ?? [];
      return issuesOf(nearest, path);
    }
    if (issue.code === 'invalid_key') return issuesOf(issue.issues, path);
    return [{ path: pathText(path), message: issue.message }];
  });

const depth = (issues: readonly Raw[]): number => Math.max(0, ...issues.map(({ path }) => path.length));
