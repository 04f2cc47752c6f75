import { launch, startServer } from './browser.mjs';
const server = await startServer(); const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}progressions`);
const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
await line.fill(Array.from({length:64},(_, i)=>['I','vi','V65/ii','ii','ii65','V7','I','viio7/V'][i%8]).join(' '));
await page.waitForTimeout(1500); await line.press('End');
async function paintTimes(count, act){const times=[];for(let i=0;i<count;i++){await page.evaluate(()=>{window.painted=new Promise((resolve)=>{const done=(start)=>requestAnimationFrame(()=>setTimeout(()=>resolve(performance.now()-start),0));addEventListener('keydown',(event)=>done(event.timeStamp),{once:true,capture:true});});});await act(i);times.push(await page.evaluate(()=>window.painted));}return times;}
const typed=' V65/ii ii V7 I vi IV'.repeat(3);
for(let r=0;r<2;r++){
if(process.argv[2]==='prof'&&r===1){ const c=await page.context().newCDPSession(page); await c.send('Profiler.enable'); await c.send('Profiler.setSamplingInterval',{interval:200}); await c.send('Profiler.start'); globalThis.c=c; }
const t=(await paintTimes(typed.length,(i)=>page.keyboard.press(typed[i]===' '?'Space':typed[i]))).sort((a,b)=>a-b);
console.log('p50',t[t.length>>1].toFixed(1),'p95',t[Math.floor(t.length*.95)].toFixed(1));
}
if(globalThis.c){const {profile}=await c.send('Profiler.stop'); const self={}; const dt=profile.timeDeltas; const idx=new Map(profile.nodes.map(n=>[n.id,n])); profile.samples.forEach((s,i)=>{const n=idx.get(s); const k=n.callFrame.functionName+' '+n.callFrame.url.split('/').pop()+':'+n.callFrame.lineNumber; self[k]=(self[k]||0)+dt[i];}); console.log(Object.entries(self).sort((a,b)=>b[1]-a[1]).slice(0,45).map(([k,v])=>(v/1000).toFixed(0)+' '+k).join('\n'));}
await browser.close(); server.stop(); process.exit(0);
