import { killPupils } from './odd/pupilKills.mjs';
const t = Date.now();
const r = await killPupils({ count: Number(process.argv[2]), seed: 3 });
console.log(
  JSON.stringify({ kills: r.kills, due: r.due, lost: r.lost.slice(0, 3), missing: r.missing.slice(0, 3) }),
  Date.now() - t,
);
process.exit();
