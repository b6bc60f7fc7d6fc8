import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import * as z from 'zod';
import { FINDING_CODES } from '#core/checks/index';
import { LIBRARY } from '#core/devices/library/index';
import { fileSchema } from '#core/formats/index';
import { findingSample } from '#words/findings/index';
import { DOORS } from '#demo/doors';
import { MISTAKES } from '#demo/mistakes';
import { PROMISE_WORDS } from '#words/orders';
import { ORDER_MISTAKES } from '../core/specimens/orderMistakes';

/** `npm run schema`: writes what docs/ shows of the code itself, so that it cannot drift from it. */
mkdirSync('docs/schema', { recursive: true });
const schema = z.toJSONSchema(fileSchema, { io: 'input' });
writeFileSync('docs/schema/aldaba-site.schema.json', `${JSON.stringify(schema, null, 2)}\n`);

const rows = LIBRARY.map((type) => {
  const settings = type.settings.map((setting) =>
    setting.kind === 'choice'
      ? `\`${setting.id}\`: ${setting.options.map(({ value }) => value).join(', ')}`
      : setting.kind === 'text'
        ? `\`${setting.id}\`: such as ${setting.example}`
        : `\`${setting.id}\`: ${setting.min}–${setting.max} ${setting.unit}`.trim(),
  );
  return `| \`${type.id}\`, ${type.name} | ${type.tagPrefix} | ${type.terminals.map(({ id }) => `\`${id}\``).join(' ')} | ${settings.join('; ') || '—'} |`;
});
const HEAD = '| type | tag | terminals | settings |\n| --- | --- | --- | --- |\n';
const path = 'docs/format.md';
const text = readFileSync(path, 'utf8');
const start = text.indexOf(HEAD) + HEAD.length;
const end = text.indexOf('\n## Secrets');
writeFileSync(path, `${text.slice(0, start)}${rows.join('\n')}\n${text.slice(end)}`);

const mistakes = MISTAKES.map(({ door, what, found }) => {
  const name = DOORS.find(({ id }) => id === door)?.name ?? '';
  return `| ${door} ${name} | ${what} | ${found.map((code) => `\`${code}\``).join(', ')} |`;
});
const orders = ORDER_MISTAKES.map(
  ({ name, promise, events }) => `| ${name} | ${PROMISE_WORDS[promise]} | ${events} |`,
);
const schools = DOORS.map(({ id, name, shows }) => `| ${id} ${name} | ${shows} |`);
writeFileSync(
  'docs/mistakes.md',
  `# The demo site: doors, schools, mistakes

Written by \`npm run schema\` from demo/doors.ts and demo/mistakes.ts; a test holds it to what the rules find.

## What each door shows

| door | what it shows |
| --- | --- |
${schools.join('\n')}

## Deliberate mistakes and what they are found as

Only findings that are to be put right (stop or fix) are listed: each door has these and no others.

| door | mistake | findings |
| --- | --- | --- |
${mistakes.join('\n')}

## Mistakes of order

Found only by what happens in what order, each with the promise that it breaks and the fewest events that do.
core/orders/orders.test.ts makes each and looks for it.

| mistake | promise | events |
| --- | --- | --- |
${orders.join('\n')}

## Every rule

${FINDING_CODES.length} kinds of finding. core/checks/checks.test.ts and core/checks/rules.test.ts make each mistake and check that it is
found; the same files check that right wiring of every hardware set stays quiet.

| finding | what it says |
| --- | --- |
${FINDING_CODES.map((code) => `| \`${code}\` | ${findingSample(code)} |`).join('\n')}
`,
);
