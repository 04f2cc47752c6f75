/**
 * node scripts/fit-reading.mjs [rounds] [groups] [out]: fits the weights of the reading of scores to all chorales and
 * prints them; with each piece left out in turn, or with each of some groups of them, it prints how well those are
 * read: expect that of other pieces. Their harmony in keyboard textures is read as well. `out` leaves out the first
 * fit. Data: core/test/oracles.
 */
import { CHORALES, loadReading } from './fit/load.mjs';

const rounds = Number(process.argv[2] ?? 4);
const { fit, inTexture, pieces, printed, read, sum, READING_WEIGHTS, TEXTURES } = await loadReading();
const seven = pieces(CHORALES);
const more = pieces(CHORALES, true);
const all = [...seven, ...more].sort((a, b) => a.name.localeCompare(b.name));
const groups = Math.min(Number(process.argv[3] ?? all.length), all.length);
function show(words, weights) {
  console.log(words, 'seven', printed(sum(read(seven, weights))));
  console.log(words, 'more ', printed(sum(read(more, weights))));
  for (const texture of TEXTURES) {
    const set = all.map((piece) => inTexture(piece, texture));
    console.log(words, `all in ${texture}`, printed(sum(read(set, weights))));
  }
}
show('as it is', READING_WEIGHTS);
if (process.argv[4] !== 'out') {
  const fitted = fit(all, rounds);
  show('fitted  ', fitted);
  console.log(JSON.stringify(fitted, null, 2));
}
const left = Array.from({ length: groups }, (_, group) => {
  const own = all.filter((_, at) => at % groups === group);
  const weights = fit(
    all.filter((piece) => !own.includes(piece)),
    rounds,
  );
  const agreed = read(own, weights);
  console.log('without', own.map(({ name }) => name).join(' '), printed(sum(agreed)));
  return agreed;
});
console.log('left out', printed(sum(left.flat())));
