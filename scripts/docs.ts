import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import { LIBRARY } from '#core/devices/index';
import { fileSchema } from '#core/formats/index';

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
