import { launch, startServer } from './browser.mjs';
const server = await startServer(); const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}progressions`);
const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
await line.fill(Array.from({length:64},(_, i)=>['I','vi','V65/ii','ii','ii65','V7','I','viio7/V'][i%8]).join(' '));
await page.waitForTimeout(1500); await line.press('End');
const c=await page.context().newCDPSession(page); await c.send('Profiler.enable'); await c.send('Profiler.setSamplingInterval',{interval:150}); await c.send('Profiler.start');
const typed=' V65/ii ii V7 I vi IV'.repeat(4); for (const k of typed) { await page.keyboard.press(k===' '?'Space':k); await page.waitForTimeout(40); }
const {profile}=await c.send('Profiler.stop'); const idx=new Map(profile.nodes.map(n=>[n.id,n])); const parent=new Map(); for(const n of profile.nodes) for(const k of n.children||[]) parent.set(k,n.id);
const tot={}; profile.samples.forEach((s,i)=>{const seen=new Set(); let n=s; while(n!==undefined){const f=idx.get(n).callFrame; const k=f.functionName+' '+f.url.split('/').pop(); if(!seen.has(k)){seen.add(k); tot[k]=(tot[k]||0)+profile.timeDeltas[i];} n=parent.get(n);} });
console.log(Object.entries(tot).filter(([k])=>!/^\(|^ /.test(k)).sort((a,b)=>b[1]-a[1]).slice(0,70).map(([k,v])=>(v/1000/typed.length).toFixed(2)+' '+k).join('\n'));
await browser.close(); server.stop(); process.exit(0);
