import { chromium } from '@playwright/test';
const base = process.argv[2]; const paths = process.argv.slice(3);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: 390, height: 844 } });
const list = await (await fetch(base + '/api/studies?search=Tripod%20hub')).json();
const id = list.studies.find((s: any) => s.title === 'Tripod hub').id;
for (const v of paths) {
  await p.goto(base + (v.startsWith('/') ? v : `/studies/${id}/${v}`));
  await p.waitForTimeout(2500);
  console.log(v, await p.evaluate(`(() => { const W = innerWidth; const out = []; for (const e of document.querySelectorAll('body *')) { const r = e.getBoundingClientRect(); if (r.right > W + 1 && r.width > 0) { let q = e.parentElement, clipped = false; while (q && q !== document.body) { const o = getComputedStyle(q).overflowX; if (o !== 'visible') { clipped = true; break; } q = q.parentElement; } if (!clipped) out.push(e.tagName + '.' + (e.getAttribute('class') || '').slice(0, 40) + ' ' + Math.round(r.right) + ' ' + (e.textContent || '').slice(0, 40)); } } return document.documentElement.scrollWidth + ' ' + out.slice(0, 6).join(' || '); })()`));
}
await b.close();
