// How a device lies beside the book: how large its letters are, and on which side the big control is. Kept in this browser.

import { local } from './local';

const KEY = 'hand';
const SIZES = ['usual', 'large', 'largest'] as const;

class Hand {
  size = $state<(typeof SIZES)[number]>('usual');
  side = $state<'right' | 'left'>('right');

  constructor() {
    try {
      const kept = JSON.parse(local.get(KEY) ?? '{}') as { size?: string; side?: string };
      this.size = SIZES.find((one) => one === kept.size) ?? 'usual';
      this.side = kept.side === 'left' ? 'left' : 'right';
    } catch {
      // What was kept cannot be read: the usual ones then.
    }
  }

  larger() {
    this.size = SIZES[(SIZES.indexOf(this.size) + 1) % SIZES.length] ?? 'usual';
    this.keep();
  }

  other() {
    this.side = this.side === 'right' ? 'left' : 'right';
    this.keep();
  }

  private keep() {
    local.set(KEY, JSON.stringify({ size: this.size, side: this.side }));
  }
}

export const hand = new Hand();
