// The same random numbers every time: mulberry32, in the public domain.
export function randomFrom(start) {
  let seed = start;
  /** A whole number from 0 to one below. */
  return (below) => {
    seed = (seed + 0x6d2b79f5) | 0;
    let t = Math.imul(seed ^ (seed >>> 15), seed | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) % below;
  };
}
