import { chromium } from '@playwright/test';
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const p=await b.newPage({viewport:{width:1280,height:800}});
const r=await p.request.get('http://127.0.0.1:3901/api/studies?search=Tripod%20hub'); const j=await r.json() as any;
await p.goto('http://127.0.0.1:3901/studies/'+j.studies[0].id+'/routes'); await p.waitForTimeout(4000);
console.log(await p.evaluate(()=>{const e=document.querySelector('[data-best]'); return e!.outerHTML+JSON.stringify(getComputedStyle(e!.firstElementChild!).cssText).slice(0,0)+ ['display','width','height','fontSize','lineHeight','border','background','clipPath','position','borderRadius'].map(k=>k+':'+(getComputedStyle(e!.firstElementChild!) as any)[k]).join(';');}));
await b.close();
