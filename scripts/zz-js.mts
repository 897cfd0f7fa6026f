import { chromium } from '@playwright/test';
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const url='http://localhost:3900';
const p0=await b.newPage(); await p0.goto(url); const id=await p0.evaluate(async()=>{const a=[...document.querySelectorAll('a[href*="/studies/"]')];return a.map(x=>x.getAttribute('href'));});
console.log(id.slice(0,12));
for (const path of ['/', id[0]!.replace(/\/[a-z]+$/,'/routes'), id[0]!.replace(/\/[a-z]+$/,'/part'), id[0]!.replace(/\/[a-z]+$/,'/decision')]) {
  const c=await b.newContext(); const p=await c.newPage(); const cdp=await c.newCDPSession(p); await cdp.send('Network.enable');
  const m=new Map<string,{url:string,type:string,n:number}>();
  cdp.on('Network.requestWillBeSent',e=>m.set(e.requestId,{url:e.request.url,type:e.type??'',n:0}));
  cdp.on('Network.loadingFinished',e=>{const r=m.get(e.requestId); if(r) r.n=e.encodedDataLength;});
  await p.goto(url+path); await p.waitForLoadState('networkidle'); await p.waitForTimeout(1500);
  const s=[...m.values()].filter(r=>r.url.includes('.js'));
  console.log(path, 'total', s.reduce((a,r)=>a+r.n,0), 'html',[...m.values()].find(r=>r.type==='Document')?.n);
  for(const r of s.sort((a,b)=>b.n-a.n).slice(0,30)) console.log('  ',r.n,r.url.split('/').pop(), r.type);
  await c.close();
}
await b.close();
