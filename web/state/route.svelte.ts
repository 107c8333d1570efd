// Addresses: every screen has one, and the browser's Back works.

/** Screens without a notebook, by the first word of the address. */
const FREE = ['new', 'count'] as const;

/** Screens of a notebook, by the third. */
const OF_A_NOTEBOOK = [
  'stock',
  'spreads',
  'months',
  'bench',
  'desk',
  'tray',
  'printer',
  'count',
  'compare',
  'key',
  'copy',
  'parts',
  'leaf',
  'dress',
  'dates',
  'transfer',
  'old',
  'sittings',
  'pens',
] as const;

export type Screen = 'shelf' | (typeof FREE)[number] | (typeof OF_A_NOTEBOOK)[number];

/** An address may be typed by hand: what is no text is taken as it stands. */
function decoded(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
}

class Route {
  path = $state(location.pathname);
  private search = $state(location.search);
  // Each told apart, so that turning a page makes no link of the program anew.
  private parts = $derived(this.path.split('/').filter(Boolean));
  readonly screen: Screen = $derived.by(() => {
    const [first, , third] = this.parts;
    return first === 'notebooks'
      ? (OF_A_NOTEBOOK.find((screen) => screen === third) ?? 'spreads')
      : (FREE.find((screen) => screen === first) ?? 'shelf');
  });
  /** What an address names that there is not: a word no screen is called by; "" for none. */
  readonly unknown: string = $derived.by(() => {
    const [first = '', , third = ''] = this.parts;
    const [word, known] = first === 'notebooks' ? [third, OF_A_NOTEBOOK] : [first, FREE];
    return word === '' || (known as readonly string[]).includes(word) ? '' : decoded(word);
  });
  readonly notebook: string | null = $derived(this.parts[0] === 'notebooks' ? (this.parts[1] ?? null) : null);
  /** Which of the plan's books is open. */
  readonly volume: string = $derived(new URLSearchParams(this.search).get('book') ?? '1');
  /** The page the bench shows, or the first. */
  readonly page: number = $derived(Number.parseInt(this.parts[3] ?? '1', 10) || 1);
  /** The spread a screen is about, where it is about one. */
  readonly spread: string = $derived(decoded(this.parts[3] ?? ''));
  /** One thing on that screen, where the address names one. */
  readonly thing: string = $derived(decoded(this.parts[4] ?? ''));

  constructor() {
    addEventListener('popstate', () => {
      this.path = location.pathname;
      this.search = location.search;
    });
    addEventListener('click', (event) => {
      const link = (event.target as Element | null)?.closest('a');
      const plain = event.button === 0 && !event.metaKey && !event.ctrlKey && !event.shiftKey && !event.altKey;
      if (
        !link ||
        !plain ||
        link.target ||
        link.hasAttribute('download') ||
        link.origin !== location.origin ||
        link.pathname.startsWith('/api/')
      )
        return;
      event.preventDefault();
      this.go(link.pathname + link.search);
    });
  }

  go(path: string, replace = false) {
    if (path === this.path + this.search) return;
    const was = this.screen;
    history[replace ? 'replaceState' : 'pushState'](null, '', path);
    this.path = location.pathname;
    this.search = location.search;
    // A page turned on the same screen stays where it is; asking costs a layout.
    if (was !== this.screen) scrollTo(0, 0);
  }

  to(screen: Screen, page?: number | string | string[], volume: string = this.volume): string {
    if (screen === 'shelf' || this.notebook === null) return '/';
    const on = page === undefined ? '' : `/${[page].flat().map(encodeURIComponent).join('/')}`;
    return `/notebooks/${this.notebook}/${screen}${on}${volume === '1' ? '' : `?book=${volume}`}`;
  }
}

export const route = new Route();
