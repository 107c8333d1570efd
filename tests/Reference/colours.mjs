// Writes what culori (npm) says of pairs of colours: contrast, distance in CIELAB, and both as seen without one kind of cone.
import { writeFileSync } from 'node:fs';
import { differenceEuclidean, filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit, wcagContrast } from 'culori';

const colours = [];
for (const red of [0, 70, 160, 255])
  for (const green of [0, 70, 160, 255])
    for (const blue of [0, 70, 160, 255]) colours.push(`#${[red, green, blue].map((part) => part.toString(16).padStart(2, '0')).join('')}`);
const lab = differenceEuclidean('lab65');
const pairs = [];
for (let i = 0; i < colours.length; i++) {
  const [one, two] = [colours[i], colours[(i * 7 + 5) % colours.length]];
  pairs.push({ one, two, contrast: wcagContrast(one, two), distance: lab(one, two) });
}
// The library works on coded values, we on light; where every part is 0 or 1 the two are the same, and the columns of
// the published matrices show.
const seen = {};
const corners = ['#ff0000', '#00ff00', '#0000ff', '#ffff00', '#ff00ff', '#00ffff', '#ffffff', '#000000'];
for (const [cone, filter] of [
  ['red', filterDeficiencyProt(1)],
  ['green', filterDeficiencyDeuter(1)],
  ['blue', filterDeficiencyTrit(1)],
]) {
  seen[cone] = corners.map((colour) => {
    const { r, g, b } = filter(colour);
    return [colour, [r, g, b].map((part) => Math.min(1, Math.max(0, part)))];
  });
}
writeFileSync(process.argv[2], JSON.stringify({ pairs, seen }));
