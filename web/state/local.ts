// What this browser remembers between visits. Where site data is blocked, everything works and nothing is remembered.
export const local = {
  get(key: string): string | null {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  set(key: string, value: string) {
    try {
      localStorage.setItem(key, value);
    } catch {
      // It holds for as long as the page is open.
    }
  },
  drop(key: string) {
    try {
      localStorage.removeItem(key);
    } catch {
      // Nothing was kept.
    }
  },
};
