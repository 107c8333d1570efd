// Addresses: every screen has one, and the browser's Back works.

export type Screen =
  | 'shelf'
  | 'new'
  | 'count'
  | 'stock'
  | 'spreads'
  | 'months'
  | 'bench'
  | 'desk'
  | 'tray'
  | 'printer'
  | 'compare'
  | 'key'
  | 'copy'
  | 'parts'
  | 'leaf'
  | 'dress'
  | 'dates'
  | 'transfer'
  | 'old'
  | 'sittings'
  | 'pens';

class Route {
  path = $state(location.pathname);
  private search = $state(location.search);
  // Each told apart, so that turning a page makes no link of the program anew.
  private parts = $derived(this.path.split('/').filter(Boolean));
  readonly screen: Screen = $derived.by(() => {
    const [first, , third] = this.parts;
    if (first === 'new' || first === 'count') return first;
    if (first !== 'notebooks') return 'shelf';
    return (
      (
        [
          'stock',
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
        ] as const
      ).find((screen) => screen === third) ?? 'spreads'
    );
  });
  readonly notebook: string | null = $derived(this.parts[0] === 'notebooks' ? (this.parts[1] ?? null) : null);
  /** Which of the plan's books is open. */
  readonly volume: string = $derived(new URLSearchParams(this.search).get('book') ?? '1');
  /** The page the bench shows, or the first. */
  readonly page: number = $derived(Number.parseInt(this.parts[3] ?? '1', 10) || 1);
  /** The spread a screen is about, where it is about one. */
  readonly spread: string = $derived(decodeURIComponent(this.parts[3] ?? ''));

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

  to(screen: Screen, page?: number | string, volume: string = this.volume): string {
    if (screen === 'shelf' || this.notebook === null) return '/';
    const on = page === undefined ? '' : `/${encodeURIComponent(page)}`;
    return `/notebooks/${this.notebook}/${screen}${on}${volume === '1' ? '' : `?book=${volume}`}`;
  }
}

export const route = new Route();
