import { chromium } from 'playwright-core';
const t=Date.now();
const b=await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',args:['--no-sandbox','--disable-gpu','--disable-background-networking']});
console.log('launched',Date.now()-t);
const p=await b.newPage({viewport:{width:1280,height:800}});
p.on('request',r=>console.log(Date.now()-t,'>',r.url().slice(-60)));p.on('requestfinished',r=>console.log(Date.now()-t,'<',r.url().slice(-60)));p.on('requestfailed',r=>console.log('FAILED',r.url(),r.failure()));p.on('console',m=>console.log(m.text()));
await p.goto('http://127.0.0.1:4180/breaks/late-morning',{timeout:20000}).catch(e=>console.log('timeout'));
await b.close();
