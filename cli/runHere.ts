import { vi } from 'vitest';
import { runCommand } from './runCommand';

/** Runs the command line in this process and keeps what it says; for tests. What it asks of the environment is given with `env`. */
export async function runHere(
  args: readonly string[],
  env: Readonly<Record<string, string>> = {},
): Promise<{ status: number; stdout: string; stderr: string }> {
  const [log, error] = (['log', 'error'] as const).map((stream) =>
    vi.spyOn(console, stream).mockImplementation(() => {}),
  );
  for (const [name, value] of Object.entries(env)) vi.stubEnv(name, value);
  try {
    const status = await runCommand(args);
    const said = (one: typeof log) => (one?.mock.calls ?? []).map((line) => `${line.join(' ')}\n`).join('');
    return { status, stdout: said(log), stderr: said(error) };
  } finally {
    log?.mockRestore();
    error?.mockRestore();
    vi.unstubAllEnvs();
  }
}
