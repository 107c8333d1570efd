// A sheet as a picture of 300 dots to the inch: SVG without text on standard input, PNG on standard output, its size in metres told
// (PNG, "pHYs"), so that it is printed as large as it is.
import { readFileSync } from 'node:fs';
import { crc32 } from 'node:zlib';
import { initWasm, Resvg } from '@resvg/resvg-wasm';

const DOTS = 300;
await initWasm(readFileSync(new URL('../../node_modules/@resvg/resvg-wasm/index_bg.wasm', import.meta.url)));
const svg = readFileSync(0, 'utf8');
const width = Number(/ width="([\d.]+)mm"/.exec(svg)[1]);
const wide = Math.round((width * DOTS) / 25.4);
const png = new Resvg(svg.replace(/ (width|height)="[\d.]+mm"/g, ''), { background: 'white', fitTo: { mode: 'width', value: wide } })
  .render()
  .asPng();

const data = Buffer.alloc(9);
const perMetre = Math.round(DOTS / 0.0254);
data.writeUInt32BE(perMetre, 0);
data.writeUInt32BE(perMetre, 4);
data[8] = 1;
const chunk = Buffer.concat([Buffer.from('pHYs'), data]);
const length = Buffer.alloc(4);
length.writeUInt32BE(data.length);
const check = Buffer.alloc(4);
check.writeUInt32BE(crc32(chunk));
// Behind the header: 8 bytes of signature, 25 of IHDR.
process.stdout.write(Buffer.concat([png.subarray(0, 33), length, chunk, check, png.subarray(33)]));
