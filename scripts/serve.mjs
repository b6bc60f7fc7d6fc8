import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { root } from './prepare.mjs';

/** True where nothing listens on this port of the address. */
const isFree = (port, host) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });

/** PORT if it is set, else the first free one from 4321. */
async function choosePort(host) {
  if (process.env.PORT) return Number(process.env.PORT);
  for (let port = 4321; port < 4400; port += 1) if (await isFree(port, host)) return port;
  throw new Error('no free port between 4321 and 4399; set PORT');
}

/** Starts the built server and prints its address once it answers. Ends when the server does, with its code. */
export async function serve(env = {}) {
  const host = process.env.HOST || '127.0.0.1';
  const port = await choosePort(host);
  const server = spawn(process.execPath, [join(root, 'dist/server/main.mjs')], {
    cwd: root,
    stdio: ['inherit', 'ignore', 'inherit'],
    env: { ...process.env, ...env, HOST: host, PORT: String(port), NODE_ENV: 'production' },
  });
  let ended = false;
  server.on('exit', (code, signal) => {
    ended = true;
    process.exit(code ?? (signal ? 1 : 0));
  });
  // The server closes its database before it goes; this process goes with it.
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  const at = ['0.0.0.0', '::'].includes(host) ? '127.0.0.1' : host;
  const address = `http://${at.includes(':') ? `[${at}]` : at}:${port}`;
  for (let tries = 0; tries < 200 && !ended; tries += 1) {
    const answers = await fetch(`${address}/icon.svg`, { method: 'HEAD' }).then(
      (response) => response.status < 500,
      () => false,
    );
    if (answers) {
      console.log(`Aldaba is at ${address}`);
      if (at !== host) console.log(`Other machines in this network reach it on port ${port} of this one.`);
      return;
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  console.error('The server did not answer within 20 seconds.');
  server.kill();
  process.exit(1);
}
