import { CHORALES, loadReading } from './fit/load.mjs';
const { pieces, printed, read, sum, READING_WEIGHTS, inTexture, TEXTURES } = await loadReading();
const all=[...pieces(CHORALES), ...pieces(CHORALES, true)];
console.log('four parts', printed(sum(read(all, READING_WEIGHTS))));
for (const t of TEXTURES) console.log(t, printed(sum(read(all.map(p=>inTexture(p,t)), READING_WEIGHTS))));
