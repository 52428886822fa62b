import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const b=await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell',args:['--no-sandbox','--enable-unsafe-swiftshader','--disable-gpu','--disable-background-networking','--disable-component-update','--disable-sync']});
const c=await b.newContext({viewport:{width:1280,height:800}});
const p=await c.newPage();
await b.startTracing(p,{path:'/tmp/h/trace.json',categories:['devtools.timeline','v8','disabled-by-default-v8.compile','blink','cc','toplevel','v8.execute','disabled-by-default-v8.gc']});
await p.goto(process.argv[2]);await p.getByText(/^Saved \d\d:\d\d$/).waitFor();
await b.stopTracing();await b.close();
const t=JSON.parse(readFileSync('/tmp/h/trace.json')).traceEvents;
const threads={};for(const e of t)if(e.name==='thread_name')threads[e.pid+':'+e.tid]=e.args.name;
const sum={};
const by={};
for(const e of t){if(e.ph!=='X'||!e.dur)continue;(by[e.pid+':'+e.tid]??=[]).push(e)}
for(const [k,es] of Object.entries(by)){es.sort((a,b)=>a.ts-b.ts||b.dur-a.dur);const st=[];const self=new Map();
for(const e of es){while(st.length&&st.at(-1).ts+st.at(-1).dur<=e.ts)st.pop();if(st.length){const q=st.at(-1);self.set(q,(self.get(q)??q.dur)-e.dur)}self.set(e,self.get(e)??e.dur);st.push(e)}
for(const [e,s] of self){const n=(threads[k]??k)+' | '+e.name;sum[n]=(sum[n]??0)+s/1000}}
console.log(Object.entries(sum).sort((a,b)=>b[1]-a[1]).slice(0,45).map(([k,v])=>v.toFixed(0)+' '+k).join('\n'));
