import Download from 'lucide-react/icons/download';
import { useState, type ReactNode } from 'react';
import type { Door } from '#core/plan/index';
import { say } from '#words/parts/PackLink';
import buttons from '../ui/Button.module.css';
import { cx } from '../ui/cx';
import { useServerWork, WorkLine } from './serverWork';
import { usePlan } from '../store/context';

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
  const work = useServerWork();
  const [failed, setFailed] = useState<string | null>(null);
  const href = `/api/sites/${encodeURIComponent(site.id)}/doors/${encodeURIComponent(door.id)}/pack.pdf`;
  const make = async () => {
    setFailed(null);
    try {
      const pack = await work.begin(async (key, signal) => {
        const response = await fetch(`${href}?key=${key}`, { signal });
        if (response.ok) return response.blob();
        const body = (await response.json()) as { error?: { message: string } };
        throw new Error(body.error?.message ?? `The server answered ${response.status}.`);
      });
      if (pack) save(pack, `${site.id}-${door.id}-pack.pdf`);
    } catch (error) {
      setFailed(error instanceof TypeError ? say.serverDoesNotAnswer : (error as Error).message);
    }
  };
  const isIdle = work.ahead === null;

  return (
    <>
      <a
        href={href}
        data-start={start || undefined}
        download
        className={cx(buttons['button'], buttons['m'], buttons[main ? 'main' : 'plain'])}
        aria-disabled={!isIdle}
        onClick={(event) => {
          if (event.metaKey || event.ctrlKey) return;
          event.preventDefault();
          if (isIdle) void make();
        }}
      >
        <Download aria-hidden /> {children}
      </a>
      {isIdle && failed === null && about && <span>{about}</span>}
      <WorkLine work={work} what={say.makingThePack} />
      {failed !== null && <span role="alert">{failed}</span>}
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
