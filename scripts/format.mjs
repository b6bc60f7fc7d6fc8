import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './prepare.mjs';

/**
 * The format of what the last commits and the work tree touched: what nobody touched since was looked at when somebody did. Where
 * git cannot tell, everything is looked at.
 */
const COMMITS = 20;
const git = (...args) => {
  const { status, stdout } = spawnSync('git', args, { cwd: root, encoding: 'utf8' });
  return status === 0 ? stdout.split('\n').filter(Boolean) : null;
};
const changed = git('diff', '--name-only', `HEAD~${COMMITS}`);
const fresh = git('ls-files', '--others', '--exclude-standard');
const files = changed && fresh ? [...new Set([...changed, ...fresh])] : ['.'];
const there = files.filter((file) => existsSync(join(root, file)));
const { status } = spawnSync(
  'npx',
  ['prettier', '--check', '--ignore-unknown', '--log-level', 'warn', ...there],
  { cwd: root, stdio: 'inherit' },
);
process.exit(there.length === 0 ? 0 : (status ?? 1));
