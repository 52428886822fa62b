import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const extra=(process.env.ARGS||'').split(' ').filter(Boolean);
const b=await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',args:['--no-sandbox','--enable-unsafe-swiftshader','--disable-gpu','--disable-background-networking','--disable-component-update','--disable-sync',...extra]});
const base=process.argv[2];
const cpu=()=>{const f=readFileSync('/proc/stat','utf8').split('\n')[0].split(/ +/).slice(1).map(Number);return (f[0]+f[1]+f[2])/100};
const reuse=process.env.REUSE; let ctx=reuse?await b.newContext({viewport:{width:1280,height:800}}):null;
const one=async(st)=>{const c=ctx??await b.newContext({viewport:{width:1280,height:800}});const p=await c.newPage();const t=performance.now();
await p.goto(base+'/'+st);await p.getByText(/^Saved \d\d:\d\d$/).waitFor();const t1=performance.now();
if(process.env.SWEPT) await p.locator('.frame[data-swept=true]').waitFor();const t2=performance.now();
if(reuse) await p.close(); else await c.close();return [t1-t,t2-t]};
for(const st of ['setups','hub','stance']){ await one(st);const c0=cpu();const t0=performance.now();const r=[];for(let i=0;i<8;i++)r.push(await one(st));
console.log(st,'each wall',((performance.now()-t0)/8).toFixed(0),'cpu',((cpu()-c0)/8*1000).toFixed(0),r.map(x=>x.map(y=>y.toFixed(0)).join('/')).join(' '));}
await b.close();
