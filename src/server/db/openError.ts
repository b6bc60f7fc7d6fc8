import { resolve } from 'node:path';

/** A database that cannot be used, in a sentence for whoever starts the server. */
export class DatabaseError extends Error {}

const CAUSES: Readonly<Record<string, string>> = {
  EACCES: 'the folder or file may not be written by this user',
  EROFS: 'it lies on a disk that is read-only',
  ENOTDIR: 'a part of the path is a file, not a folder',
  EEXIST: 'a part of the path is a file, not a folder',
  EISDIR: 'it is a folder, not a file',
  ENOSPC: 'the disk is full',
  SQLITE_READONLY: 'it is read-only',
  SQLITE_READONLY_DIRECTORY: 'its folder is read-only',
  SQLITE_CANTOPEN: 'it cannot be opened: the path leads nowhere, or this user may not',
  SQLITE_CANTOPEN_ISDIR: 'it is a folder, not a file',
  SQLITE_NOTADB: 'it is not a database',
  SQLITE_CORRUPT: 'it is damaged',
  SQLITE_FULL: 'the disk is full',
  SQLITE_BUSY: 'another program holds it',
};

const ADVICE: Readonly<Record<string, string>> = {
  SQLITE_NOTADB: 'Choose another file with ALDABA_DATA, or restore a backup.',
  SQLITE_CORRUPT: 'Restore a backup: npm run -s aldaba -- restore FILE.',
};

/** The sentence for whatever opening threw. Migration errors wrap the one that counts. */
export function openError(path: string, cause: unknown): DatabaseError {
  if (cause instanceof DatabaseError) return cause;
  const { code, message } = innermost(cause);
  const reason = CAUSES[code] ?? message;
  const advice = ADVICE[code] ?? 'ALDABA_DATA names the file.';
  return new DatabaseError(`The database ${resolve(path)} cannot be used: ${reason}. ${advice}`, { cause });
}

function innermost(error: unknown): { code: string; message: string } {
  let one = error as { code?: unknown; message?: unknown; cause?: unknown };
  while (one?.cause && typeof one.code !== 'string') one = one.cause as typeof one;
  return { code: String(one?.code ?? ''), message: String(one?.message ?? error) };
}

const codeOf = (error: unknown): string => String((error as { code?: unknown } | null)?.code ?? '');

/** True for an error that says that the file itself is spoilt. */
export const isDamage = (error: unknown): boolean => /^SQLITE_(CORRUPT|NOTADB)/.test(codeOf(error));

/** True for trouble of the database that passes, or that is not the request's fault. */
export const isPassing = (error: unknown): boolean => /^SQLITE_(BUSY|LOCKED|FULL|IOERR)/.test(codeOf(error));
