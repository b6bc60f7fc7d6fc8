import { resolve } from 'node:path';
import { say } from '#words/server/db/openError';

/** A database that cannot be used, in a sentence for whoever starts the server. */
export class DatabaseError extends Error {}

const CAUSES: Readonly<Record<string, string>> = {
  EACCES: say.folderFileMayNot,
  EROFS: say.liesDiskReadOnly,
  ENOTDIR: say.partPathFileNot,
  EEXIST: say.partPathFileNot,
  EISDIR: say.folderNotFile,
  ENOSPC: say.theDiskIsFull,
  SQLITE_READONLY: say.itIsReadOnly,
  SQLITE_READONLY_DIRECTORY: say.itsFolderIsReadOnly,
  SQLITE_CANTOPEN: say.cannotOpenedPathLeads,
  SQLITE_CANTOPEN_ISDIR: say.folderNotFile,
  SQLITE_NOTADB: say.itIsNotADatabase,
  SQLITE_CORRUPT: say.itIsDamaged,
  SQLITE_FULL: say.theDiskIsFull,
  SQLITE_BUSY: say.anotherProgramHoldsIt,
};

const ADVICE: Readonly<Record<string, string>> = {
  SQLITE_NOTADB: say.chooseAnotherFileAldaba,
  SQLITE_CORRUPT: say.restoreBackupNpmRun,
};

/** The sentence for whatever opening threw. Migration errors wrap the one that counts. */
export function openError(path: string, cause: unknown): DatabaseError {
  if (cause instanceof DatabaseError) return cause;
  const { code, message } = innermost(cause);
  const reason = CAUSES[code] ?? message;
  const advice = ADVICE[code] ?? say.aldabaDataNamesTheFile;
  return new DatabaseError(say.theDatabaseCannotBeUsed(resolve(path), reason, advice), { cause });
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
