import { quillhaven } from '#demo/quillhaven';
import { checkContext, runChecks } from '#core/checks/index';
const p=quillhaven();
for (const d of process.argv.slice(2)) for (const f of runChecks(checkContext(p,d))) if (['stop','fix','caution'].includes(f.severity)) console.log(d,f.severity,f.code,JSON.stringify(f.values));
