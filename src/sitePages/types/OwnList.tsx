import type { ReactNode } from 'react';
import Download from 'lucide-react/icons/download';
import Upload from 'lucide-react/icons/upload';
import { say } from '#words/sitePages/types/OwnList';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import css from './TypeEditor.module.css';

/** One thing of the site's own: a version of a type, or of a language. */
export interface OwnThing {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly icon?: ReactNode;
  /** What is in it. */
  readonly holds: string;
  /** What is made with it; it cannot go as long as anything is. */
  readonly used: readonly string[];
  /** Itself, as it is given away. */
  readonly json: object;
  readonly file: string;
  readonly more?: ReactNode;
}

interface Props {
  readonly things: readonly OwnThing[];
  onChange(id: string): void;
  onDuplicate(id: string): void;
  onRemove(id: string): void;
}

/** What the site describes itself, each version with what is made with it. */
export function OwnList({ things, onChange, onDuplicate, onRemove }: Props) {
  return (
    <ul className={css['types']}>
      {things.map(({ id, name, version, icon, holds, used, json, file, more }) => (
        <li key={id}>
          {icon}
          <div>
            <b>{name}</b> <small>{say.version(version)}</small>
            <p>
              {holds} · {used.length === 0 ? say.notInUse : say.inUse(used.join(', '))}
            </p>
          </div>
          <span className={css['typeActs']}>
            {more}
            <Button size="s" onClick={() => onChange(id)}>
              {say.change}
            </Button>
            <Button size="s" onClick={() => onDuplicate(id)}>
              {say.duplicate}
            </Button>
            <a
              className={css['import']}
              href={`data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(json, null, 2))}`}
              download={file}
            >
              <Download size={14} aria-hidden /> {say.json}
            </a>
            <Button
              size="s"
              look="quiet"
              disabled={used.length > 0}
              title={used.length > 0 ? say.itIsInUse : undefined}
              onClick={() => onRemove(id)}
            >
              {say.remove}
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}

interface BeginProps {
  /** What the library offers to begin with, and what that is called. */
  readonly label: string;
  onBegin(id: string): void;
  readonly fileLabel: string;
  onFile(file: File): void;
  /** What stands against a file that was read; nothing was taken in then. */
  readonly problems: readonly string[];
  /** The button for a new one. */
  readonly first: ReactNode;
  /** Options of the library. */
  readonly children: ReactNode;
}

/** Where whoever describes something begins: with nothing, with one of the library, or with a file. */
export function BeginWith({ label, onBegin, fileLabel, onFile, problems, first, children }: BeginProps) {
  return (
    <>
      <div className={css['tools']}>
        {first}
        <SelectField label={label} bare value="" onChange={(event) => onBegin(event.target.value)}>
          <option value="">{label}…</option>
          {children}
        </SelectField>
        <label className={css['import']}>
          <Upload size={14} aria-hidden /> {fileLabel}
          <input
            type="file"
            accept="application/json,.json"
            className="hush"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) onFile(file);
              event.target.value = '';
            }}
          />
        </label>
      </div>
      {problems.length > 0 && (
        <div role="alert" className={css['problems']}>
          <b>{say.fileNotTakenNothing}</b>
          <ul>
            {problems.map((problem, index) => (
              <li key={index}>{problem}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

/** A file as JSON, or what stands against it as a text. */
export async function jsonOf(file: File): Promise<{ readonly json: unknown } | { readonly problem: string }> {
  try {
    return { json: JSON.parse(await file.text()) as unknown };
  } catch (error) {
    return { problem: say.isNotJson(file.name, error instanceof Error ? error.message : String(error)) };
  }
}

/** The first few of what a schema stands against. */
export const issueLines = (
  issues: readonly { readonly path: readonly PropertyKey[]; readonly message: string }[],
): string[] => issues.slice(0, 8).map(({ path, message }) => `${path.map(String).join('.')}: ${message}`);
