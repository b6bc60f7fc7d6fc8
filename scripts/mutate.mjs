import { spawn, spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { install, root } from './prepare.mjs';

/**
 * `npm run mutate [paths] [--most N] [--seed N]`: changes one thing at a time in copies of these files (by default those of the rooms below
 * that the last commits touched) and runs the tests that import them. A change that no test notices is listed: nothing holds that
 * line. Figures, not a test: it takes some seconds a change.
 */
const ROOMS =
  /^(core\/(circuit|prove|faults|orders|reach|keypads|access|power)|src\/store)\/(?!.*(\.test\.|index\.ts)).*\.tsx?$/;
const COMMITS = 20;
/** Longer than any run of the tests of one file: a change that never ends is noticed by that. ms. */
const LONGEST = 120_000;

install();
const option = (name, otherwise) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const named = process.argv
  .slice(2)
  .filter((one, index, all) => !/^--/.test(one) && !/^--/.test(all[index - 1] ?? ''));
const git = (...args) =>
  spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
const files =
  named.length > 0
    ? git('ls-files', ...named).filter((file) => /\.tsx?$/.test(file) && !/\.test\.|\.d\.ts/.test(file))
    : git('diff', '--name-only', `HEAD~${COMMITS}`).filter((file) => ROOMS.test(file));

const K = ts.SyntaxKind;
/** Signs, each with what it becomes. */
const SIGNS = new Map([
  [K.EqualsEqualsEqualsToken, '!=='],
  [K.ExclamationEqualsEqualsToken, '==='],
  [K.LessThanToken, '<='],
  [K.LessThanEqualsToken, '<'],
  [K.GreaterThanToken, '>='],
  [K.GreaterThanEqualsToken, '>'],
  [K.AmpersandAmpersandToken, '||'],
  [K.BarBarToken, '&&'],
  [K.PlusToken, '-'],
  [K.MinusToken, '+'],
  [K.AsteriskToken, '/'],
  [K.SlashToken, '*'],
]);
/** Calls on lists, each with what it becomes. */
const CALLS = new Map([
  ['some', 'every'],
  ['every', 'some'],
]);

/** Every change of a file: where, how long, and what stands there instead. */
function changesOf(file, text) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const found = [];
  const put = (node, to) => {
    const start = node.getStart(source);
    const { line } = source.getLineAndCharacterOfPosition(start);
    found.push({ file, start, end: node.end, to, line: line + 1, from: text.slice(start, node.end) });
  };
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node) && SIGNS.has(node.operatorToken.kind)) {
      // Texts are joined by the sign of a sum too.
      const isText = [node.left, node.right].some(
        (side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side),
      );
      if (!isText) put(node.operatorToken, SIGNS.get(node.operatorToken.kind));
    }
    if (node.kind === K.TrueKeyword) put(node, 'false');
    if (node.kind === K.FalseKeyword) put(node, 'true');
    if (ts.isNumericLiteral(node)) put(node, String(Number(node.text) + 1));
    if (ts.isPrefixUnaryExpression(node) && node.operator === K.ExclamationToken)
      put(node, node.operand.getText(source));
    if (ts.isConditionalExpression(node)) put(node.condition, `!(${node.condition.getText(source)})`);
    if (ts.isIfStatement(node)) put(node.expression, `!(${node.expression.getText(source)})`);
    if (
      ts.isPropertyAccessExpression(node) &&
      ts.isCallExpression(node.parent) &&
      node.parent.expression === node
    ) {
      const to = CALLS.get(node.name.text);
      if (to) put(node.name, to);
    }
    if (ts.isExpressionStatement(node) && ts.isCallExpression(node.expression)) put(node, ';');
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

let seed = option('seed', 1);
const next = () => (seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648) / 2_147_483_648;
const all = files.flatMap((file) => changesOf(file, readFileSync(join(root, file), 'utf8')));
const chosen = all
  .map((change) => ({ change, at: next() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, option('most', 120))
  .map(({ change }) => change);
console.log(`${files.length} files, ${all.length} changes; ${chosen.length} are tried.`);

/** A copy of the repository to change files in: the work tree stays as it is. */
function copy() {
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-mutate-'));
  for (const file of git('ls-files')) cpSync(join(root, file), join(folder, file), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  return folder;
}

/** True where these tests fail, false where they pass; null where they were ended before. */
const fails = (folder, args, within) =>
  new Promise((resolve) => {
    const plain = ['--run', '--no-isolate', '--maxWorkers=1', '--bail=1', '--reporter=dot'];
    const child = spawn('npx', ['vitest', ...args, ...plain], {
      cwd: folder,
      stdio: 'ignore',
      detached: true,
    });
    let isEnded = false;
    const timer = setTimeout(() => {
      isEnded = true;
      process.kill(-child.pid, 'SIGKILL');
    }, within);
    child.on('close', (code) => {
      clearTimeout(timer);
      resolve(isEnded ? null : code !== 0);
    });
  });

/** True where a test notices the change: those beside the file, or else any that imports it. One that never ends is noticed. */
async function isNoticed(folder, { file, start, end, to }) {
  const path = join(folder, file);
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, text.slice(0, start) + to + text.slice(end));
  const beside = await fails(folder, [`${dirname(file)}/`, '--passWithNoTests'], LONGEST);
  const noticed = beside !== false || (await fails(folder, ['related', file], 2 * LONGEST)) === true;
  writeFileSync(path, text);
  return noticed;
}

const missed = [];
const queue = [...chosen];
let done = 0;
await Promise.all(
  Array.from({ length: Math.min(2, availableParallelism()) }, async () => {
    const folder = copy();
    for (let change = queue.shift(); change; change = queue.shift()) {
      if (!(await isNoticed(folder, change))) missed.push(change);
      done += 1;
      if (done % 10 === 0) console.log(`${done} of ${chosen.length}: ${missed.length} not noticed`);
    }
    rmSync(folder, { recursive: true, force: true });
  }),
);
for (const { file, line, from, to } of missed)
  console.log(
    `  ${file}:${line}  ${from.slice(0, 60).replace(/\s+/g, ' ')}  ->  ${to.slice(0, 60).replace(/\s+/g, ' ')}`,
  );
const share = done === 0 ? 100 : (100 * (done - missed.length)) / done;
console.log(`\n${done - missed.length} of ${done} changes are noticed: ${share.toFixed(1)} %`);
