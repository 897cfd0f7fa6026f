import { chromium } from '@playwright/test';
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const p=await b.newPage({viewport:{width:1280,height:800}});
p.on('pageerror',e=>console.log('ERR',e.message.slice(0,200)));
await p.goto('http://127.0.0.1:3901/'); await p.waitForTimeout(2500);
await p.getByTestId('file').setInputFiles({name:'hub.json',mimeType:'application/json',buffer:Buffer.from('not json')});
await p.waitForTimeout(800); console.log('refused', await p.getByTestId('refused').count());
if(await p.getByTestId('refused').count()) { await p.getByRole('button',{name:'Close'}).click(); await p.getByTestId('file').setInputFiles({name:'hub.json',mimeType:'application/json',buffer:Buffer.from('not json')}); await p.waitForTimeout(600); console.log('again', await p.getByTestId('refused').count()); }
await p.getByTestId('file').setInputFiles({name:'hub.txt',mimeType:'text/plain',buffer:Buffer.from('x')}); await p.waitForTimeout(600); console.log(await p.getByTestId('refused').textContent());
await b.close();
