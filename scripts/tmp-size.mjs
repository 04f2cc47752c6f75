import { gzipSync } from 'node:zlib';
import { launch, startServer } from './browser.mjs';
const server = await startServer(); const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const scripts=[]; let usable=false; const t0=Date.now();
page.on('response', async r=>{ if(!r.url().endsWith('.js')||usable) return; const u=usable; const b=await r.body().catch(()=>Buffer.alloc(0)); scripts.push([r.url().split('/').pop(), gzipSync(b).length, Date.now()-t0]); });
await page.goto(`${server.address}key`); await page.getByRole('gridcell',{name:'Root: A'}).waitFor(); await page.locator('.grid-column .staff text').first().waitFor(); usable=true;
let sum=0; for(const s of scripts.sort((a,b)=>b[1]-a[1])) { console.log(s.join(' ')); if(!/vexflow/.test(s[0])) sum+=s[1]; } console.log(sum);
await browser.close(); server.stop(); process.exit(0);
