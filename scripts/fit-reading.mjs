/**
 * node scripts/fit-reading.mjs [rounds]: fits the weights of the reading of scores to all chorales and prints
 * them; with each piece left out in turn it prints how well that one is read. Data: core/test/oracles.
 */
import { CHORALES, loadReading } from './fit/load.mjs';

const rounds = Number(process.argv[2] ?? 5);
const { fit, pieces, printed, read, sum, READING_WEIGHTS } = await loadReading();
const all = pieces(CHORALES);
console.log('as it is  ', printed(sum(read(all, READING_WEIGHTS))));
if (process.argv[3] !== 'out') {
  const fitted = fit(all, rounds);
  console.log('fitted    ', printed(sum(read(all, fitted))));
  console.log(JSON.stringify(fitted, null, 2));
}
const left = all.map((piece) => {
  const weights = fit(
    all.filter((other) => other !== piece),
    rounds,
  );
  const [own] = read([piece], weights);
  console.log(`without ${piece.name}`, printed(own));
  return own;
});
console.log('left out  ', printed(sum(left)));
