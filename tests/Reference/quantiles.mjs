// Writes where months of random books end nine times of ten, over every sequence of overruns, by simple-statistics (npm). PHPUnit compares.
import { writeFileSync } from 'node:fs';
import { quantileSorted } from 'simple-statistics';

let seed = 20_270_101;
const random = (below) => {
  seed = (Math.imul(seed, 1_664_525) + 1_013_904_223) >>> 0;
  return Math.floor((seed / 2 ** 32) * below);
};

const cases = [];
for (let i = 0; i < 60; i++) {
  // A month may need a page more before an opening, so its pages depend on where it begins.
  const months = Array.from({ length: 3 + random(3) }, () => {
    const left = 6 + random(9);
    return [left, left + random(2)];
  });
  // The library reads between two sequences where a twentieth falls between them: from three months on, less than a page.
  const overruns = Array.from({ length: 7 }, () => random(8) - 3);
  const next = 10 + random(6);
  let pages = [next];
  const ends = months.map(([left, right]) => {
    const ended = pages.flatMap((page) => overruns.map((over) => page + Math.max(0, (page % 2 === 0 ? left : right) + over) - 1));
    pages = ended.map((end) => end + 1);
    const sorted = ended.sort((one, other) => one - other);
    return [quantileSorted(sorted, 0.05), quantileSorted(sorted, 0.95)];
  });
  cases.push({ months, overruns, next, ends });
}
writeFileSync(process.argv[2], JSON.stringify(cases));
