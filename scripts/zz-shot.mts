import { chromium } from '@playwright/test';
const base = 'http://localhost:3911';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const dark = process.argv.includes('dark'); const inch = process.argv.includes('inch');
const list: any[] = await (await fetch(base + '/api/studies')).json().then((x: any) => x.studies ?? x);
const idOf = (t: string) => list.find((s) => s.title.includes(t)).id;
const shots: [string, string, number, number, string?][] = JSON.parse(process.argv[2]!);
for (const [name, path, w, h, js] of shots) {
  const p = await b.newPage({ viewport: { width: w, height: h }, colorScheme: dark ? 'dark' : 'light' });
  if (inch) await p.addInitScript("localStorage.setItem('nine-pours-units','inch')");
  await p.goto(base + path.replace(/@([^/]+)/, (_, t) => '/studies/' + idOf(t)));
  await p.waitForLoadState('networkidle'); await p.waitForTimeout(2500);
  if (js) { await p.evaluate(js); await p.waitForTimeout(2500); }
  await p.screenshot({ path: `/tmp/shot-${name}.png` });
  await p.close();
}
await b.close();
