import { chromium } from '@playwright/test';
const base = process.argv[2];
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
const list = await (await fetch(base + '/api/studies?search=Tripod%20hub')).json();
const id = list.studies.find((s: any) => s.title === 'Tripod hub').id;
import { writeFileSync } from 'node:fs';
for (const v of ['brief', 'part', 'routes', 'alloys', 'calendar', 'requirements', 'bench', 'decision', 'process-steps', '/', '/bench', '/rates', '/rates/shipped-1', '/check', '/model']) {
  await p.goto(base + (v.startsWith('/') ? v : `/studies/${id}/${v}`));
  await p.waitForTimeout(v === 'routes' || v === 'part' ? 6000 : 2500);
  const s = await p.locator('body').ariaSnapshot();
  writeFileSync(`/tmp/aria-${v.replace(/\//g, '_')}.txt`, s);
  console.log(v, s.length);
}
await b.close();
