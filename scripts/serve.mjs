import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { root } from './prepare.mjs';

/** True where nothing listens on this port of the loopback address. */
const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** PORT if it is set, else the first free one from 4321. */
async function choosePort() {
  if (process.env.PORT) return Number(process.env.PORT);
  for (let port = 4321; port < 4400; port += 1) if (await isFree(port)) return port;
  throw new Error('no free port between 4321 and 4399; set PORT');
}

/** Starts the built server and prints its address once it answers. */
export async function serve(env = {}) {
  const host = process.env.HOST ?? '127.0.0.1';
  const port = await choosePort();
  const server = spawn(process.execPath, [join(root, 'dist/server/entry.mjs')], {
    cwd: root,
    stdio: ['inherit', 'ignore', 'inherit'],
    env: { ...process.env, ...env, HOST: host, PORT: String(port) },
  });
  server.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  const address = `http://${host}:${port}`;
  for (let tries = 0; tries < 100; tries += 1) {
    const answers = await fetch(`${address}/api/sites`).then(
      (response) => response.ok,
      () => false,
    );
    if (answers) {
      console.log(`Aldaba is at ${address}`);
      return;
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  console.error('The server did not answer within 20 seconds.');
  server.kill();
  process.exit(1);
}
