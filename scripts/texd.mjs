import { CHORALES, loadReading } from './fit/load.mjs';
const { pieces, analyseScore, READING_WEIGHTS, inTexture, parts } = await loadReading();
const [,, tex, name] = process.argv;
const p = inTexture([...pieces(CHORALES), ...pieces(CHORALES, true)].find(o=>o.name.includes(name)), tex);
const r = analyseScore(p.score, { weights: READING_WEIGHTS });
const Q=10080;
const { said } = await loadReading();
for (const l of p.labels) { const os=r.chords.filter(c=>Math.min(c.to,l.to)>Math.max(c.from,l.from)); console.log((l.from/Q).toFixed(2),(l.to/Q).toFixed(2),l.key,'|',l.bass,'|',l.notes,' => ',os.map(c=>{const s=said(c);return `${(c.from/Q).toFixed(2)} ${s.key} ${s.bass} ${s.notes}`+(s.bass===l.bass&&s.notes===l.notes?(s.key===l.key?'':' KEY'):' XXX')}).join(' ;; ')); }
