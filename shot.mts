import { chromium } from '@playwright/test';
const [,, url, out, w='1280', h='800', theme='light', ...acts] = process.argv;
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox','--disable-gpu'] });
const p = await b.newPage({ viewport:{ width:Number(w), height:Number(h) }, colorScheme: theme as 'light' });
p.on('pageerror', e => console.log('ERR', e.message));
await p.goto(url!); await p.waitForSelector('html[data-alive]'); await p.waitForTimeout(800);
for (const a of acts) { const [k, ...r] = a.split('='); const v = r.join('=');
  if (k==='click') await p.getByRole('button',{name:v}).first().click();
  if (k==='item') await p.getByRole('menuitem',{name:v}).first().click();
  if (k==='tab') await p.getByRole('tab',{name:v}).first().click();
  if (k==='link') await p.getByRole('link',{name:v}).first().click();
  if (k==='select') { const [l,o]=v.split('|'); await p.getByLabel(l!, {exact:true}).first().selectOption(o!); }
  if (k==='fill') { const [l,o]=v.split('|'); await p.getByLabel(l!).first().fill(o!); }
  if (k==='key') await p.keyboard.press(v);
  if (k==='type') await p.keyboard.type(v);
  if (k==='wait') await p.waitForTimeout(Number(v));
  await p.waitForTimeout(250); }
await p.waitForTimeout(400);
await p.screenshot({ path: out! }); await b.close();
