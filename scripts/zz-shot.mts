import { chromium } from '@playwright/test';
const [,, base, ...rest] = process.argv;
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--use-angle=swiftshader','--enable-unsafe-swiftshader']});
for (const spec of rest) {
  // name|path|w|h|opts(dark,inch,full,compact)|js
  const [name,path,w='1280',h='800',opts='',js=''] = spec.split('|');
  const c = await b.newContext({viewport:{width:+w,height:+h},colorScheme:opts.includes('dark')?'dark':'light'});
  const p = await c.newPage();
  p.on('console',m=>{ if(m.type()==='error'||m.type()==='warning') console.log(name,m.type(),m.text().slice(0,400)); });
  p.on('pageerror',e=>console.log(name,'pageerror',String(e).slice(0,400)));
  await p.addInitScript(o=>{ if(o.includes('inch')) localStorage.setItem('nine-pours-units','inch'); if(o.includes('compact')) localStorage.setItem('nine-pours-density','compact'); },opts);
  let url = path!;
  if (url.includes('@')) { const [title,view]=url.slice(1).split('/'); const r=await p.request.get(base+'/api/studies?search='+encodeURIComponent(title!)); const j=await r.json() as any; url='/studies/'+j.studies[0].id+'/'+view; }
  await p.goto(base+url,{waitUntil:'load',timeout:90000}); await p.waitForTimeout(opts.includes('slow')?6000:2500);
  if (js) { await p.evaluate(js).catch(e=>console.log(name,'js',String(e))); await p.waitForTimeout(1200); }
  await p.screenshot({path:`/tmp/shot-${name}.png`,fullPage:opts.includes('full')});
  await c.close();
}
await b.close();
