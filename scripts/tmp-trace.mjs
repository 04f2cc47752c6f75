import { launch, startServer } from './browser.mjs';
const server = await startServer(); const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}progressions`);
const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
await line.fill(Array.from({length:64},(_, i)=>['I','vi','V65/ii','ii','ii65','V7','I','viio7/V'][i%8]).join(' '));
await page.waitForTimeout(1500); await line.press('End');
const c=await page.context().newCDPSession(page); const ev=[]; c.on('Tracing.dataCollected',e=>ev.push(...e.value));
await c.send('Tracing.start',{categories:'devtools.timeline,blink',transferMode:'ReportEvents'});
const typed=' V65/ii ii V7 I vi IV'.repeat(2);
for (const k of typed) { await page.keyboard.press(k===' '?'Space':k); await page.waitForTimeout(60); }
const done=new Promise(r=>c.once('Tracing.tracingComplete',r)); await c.send('Tracing.end'); await done;
const sum={}; for(const e of ev) if(e.ph==='X') { sum[e.name]=(sum[e.name]||[0,0]); sum[e.name][0]+=e.dur/1000; sum[e.name][1]++; }
console.log(Object.entries(sum).sort((a,b)=>b[1][0]-a[1][0]).slice(0,28).map(([k,v])=>(v[0]/typed.length).toFixed(2)+' ms/key '+(v[1]/typed.length).toFixed(1)+'x '+k).join('\n'));
const lay=ev.filter(e=>e.name==='Layout'&&e.args?.beginData).slice(0,10).map(e=>JSON.stringify({d:e.dur/1000,...e.args.beginData}).slice(0,160)); console.log(lay.join('\n'));
await browser.close(); server.stop(); process.exit(0);
