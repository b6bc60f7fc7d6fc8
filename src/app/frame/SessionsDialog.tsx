import { format } from 'date-fns/format';
import { useEffect, useState } from 'react';
import { say } from '#words/app/frame/SessionsDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import css from './SmallDialogs.module.css';

/** Somebody signed in, as the server lists them; times as ISO 8601. */
interface Session {
  readonly id: string;
  readonly name: string;
  readonly device: string;
  readonly address: string;
  readonly since: string;
  readonly lastSeen: string;
  /** The one of this browser. */
  readonly current: boolean;
  readonly mayEnd: boolean;
}

const NO_ANSWER = say.serverDoesNotAnswer;
const time = (iso: string): string => format(iso, 'yyyy-MM-dd HH:mm');

/** Who is signed in, and where; each can be signed out from here. */
export function SessionsDialog({ onClose }: { onClose(): void }) {
  const [sessions, setSessions] = useState<readonly Session[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const ask = async (path: string, method = 'GET') => {
    try {
      const response = await fetch(path, { method });
      const body = (await response.json()) as { sessions?: readonly Session[]; error?: { message: string } };
      setProblem(response.ok ? null : (body.error?.message ?? NO_ANSWER));
      if (response.ok && body.sessions) setSessions(body.sessions);
    } catch {
      setProblem(NO_ANSWER);
    }
  };
  useEffect(() => void ask('/api/sessions'), []);
  const end = async ({ id }: Session) => {
    await ask(`/api/sessions/${encodeURIComponent(id)}`, 'DELETE');
    await ask('/api/sessions');
  };
  return (
    <Dialog open onOpenChange={onClose} title={say.whoIsSignedIn} description={say.whoeverSignedOutHere} wide>
      {problem && <p role="alert">{problem}</p>}
      {sessions === null && !problem && <p>{say.oneMoment}</p>}
      {sessions && (
        <ul className={css['sessions']}>
          {sessions.map((one) => (
            <li key={one.id}>
              <span>
                <b>{one.name}</b>
                <small>
                  {say.signedIn(one.current, one.device, one.address, time(one.since))}
                  {!one.current && say.lastSeen(time(one.lastSeen))}
                </small>
              </span>
              {one.mayEnd && !one.current && (
                <Button
                  aria-label={say.signOutAt(one.name, one.device, one.address)}
                  onClick={() => void end(one)}
                >
                  {say.signOut}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </Dialog>
  );
}
