// Addresses: every screen has one, and the browser's Back works.

export type Screen = 'shelf' | 'new' | 'stock' | 'spreads' | 'months' | 'bench' | 'desk' | 'sheets';

class Route {
  path = $state(location.pathname);

  constructor() {
    addEventListener('popstate', () => (this.path = location.pathname));
    addEventListener('click', (event) => {
      const link = (event.target as Element | null)?.closest('a');
      const plain = event.button === 0 && !event.metaKey && !event.ctrlKey && !event.shiftKey && !event.altKey;
      if (!link || !plain || link.target || link.hasAttribute('download') || link.origin !== location.origin || link.pathname.startsWith('/api/')) return;
      event.preventDefault();
      this.go(link.pathname);
    });
  }

  go(path: string, replace = false) {
    if (path === this.path) return;
    history[replace ? 'replaceState' : 'pushState'](null, '', path);
    this.path = path;
    scrollTo(0, 0);
  }

  private get parts() {
    return this.path.split('/').filter(Boolean);
  }

  get screen(): Screen {
    const [first, , third] = this.parts;
    if (first === 'new') return 'new';
    if (first !== 'notebooks') return 'shelf';
    return (['stock', 'months', 'bench', 'desk', 'sheets'] as const).find((screen) => screen === third) ?? 'spreads';
  }

  get notebook(): string | null {
    return this.parts[0] === 'notebooks' ? (this.parts[1] ?? null) : null;
  }

  /** The page the bench shows, or the first. */
  get page(): number {
    return Number.parseInt(this.parts[3] ?? '1', 10) || 1;
  }

  to(screen: Screen, page?: number): string {
    if (screen === 'shelf' || this.notebook === null) return '/';
    return `/notebooks/${this.notebook}/${screen}${page === undefined ? '' : `/${page}`}`;
  }
}

export const route = new Route();
