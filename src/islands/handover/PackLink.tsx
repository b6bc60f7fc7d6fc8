import Download from 'lucide-react/icons/download';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Door } from '#core/plan/index';
import { Button } from '../../ui/Button';
import buttons from '../../ui/Button.module.css';
import { cx } from '../../ui/cx';
import { usePlan } from '../store/context';
import css from './HandOverStation.module.css';

/** How often it is asked how many come before, ms. */
const ASK_MS = 1000;

type Making =
  | { readonly kind: 'idle' }
  | { readonly kind: 'making'; readonly ahead: number }
  | { readonly kind: 'failed'; readonly why: string };

const makingWords = (ahead: number): string =>
  ahead === 0 ? 'Making the pack…' : ahead === 1 ? 'Waiting: 1 before it' : `Waiting: ${ahead} before it`;

/** Has the server make a door's pack: says how far it is, can be stopped, and says why where there is none. */
export function PackLink({
  door,
  main = false,
  start = false,
  about,
  children,
}: {
  readonly door: Door;
  readonly main?: boolean;
  /** Where whoever goes by keyboard begins. */
  readonly start?: boolean;
  /** What is in it, in words; how far it is takes their place. */
  readonly about?: string;
  readonly children: ReactNode;
}) {
  const { site } = usePlan();
  const [making, setMaking] = useState<Making>({ kind: 'idle' });
  const stop = useRef<AbortController | null>(null);
  useEffect(() => () => stop.current?.abort(), []);
  const href = `/api/sites/${encodeURIComponent(site.id)}/doors/${encodeURIComponent(door.id)}/pack.pdf`;

  const make = async () => {
    const mine = new AbortController();
    stop.current = mine;
    setMaking({ kind: 'making', ahead: 0 });
    const key = crypto.getRandomValues(new Uint32Array(2)).join('-');
    const asking = setInterval(() => {
      void fetch(`/api/work/${key}`, { signal: mine.signal })
        .then(async (response) => {
          const { ahead } = (await response.json()) as { ahead?: number };
          if (ahead !== undefined && stop.current === mine) setMaking({ kind: 'making', ahead });
        })
        .catch(() => undefined);
    }, ASK_MS);
    try {
      const response = await fetch(`${href}?key=${key}`, { signal: mine.signal });
      if (!response.ok) {
        const body = (await response.json()) as { error?: { message: string } };
        throw new Error(body.error?.message ?? `The server answered ${response.status}.`);
      }
      save(await response.blob(), `${site.id}-${door.id}-pack.pdf`);
      setMaking({ kind: 'idle' });
    } catch (error) {
      if (mine.signal.aborted) setMaking({ kind: 'idle' });
      else
        setMaking({
          kind: 'failed',
          why:
            error instanceof TypeError
              ? 'The server does not answer: no pack was made.'
              : (error as Error).message,
        });
    } finally {
      clearInterval(asking);
      if (stop.current === mine) stop.current = null;
    }
  };

  return (
    <>
      <a
        href={href}
        data-start={start || undefined}
        download
        className={cx(buttons['button'], buttons['m'], buttons[main ? 'main' : 'plain'])}
        aria-disabled={making.kind === 'making'}
        onClick={(event) => {
          if (event.metaKey || event.ctrlKey) return;
          event.preventDefault();
          if (making.kind !== 'making') void make();
        }}
      >
        <Download aria-hidden /> {children}
      </a>
      {making.kind === 'idle' && about && <span>{about}</span>}
      {making.kind === 'making' && (
        <span className={css['making']} role="status">
          {makingWords(making.ahead)}{' '}
          <Button size="s" onClick={() => stop.current?.abort()}>
            Stop
          </Button>
        </span>
      )}
      {making.kind === 'failed' && (
        <span className={css['making']} role="alert">
          {making.why}
        </span>
      )}
    </>
  );
}

/** Has the browser keep a file as if it had been a link. */
function save(file: Blob, name: string): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
