// Paper by day, lamp by evening; the choice is kept in this browser, and follows the system until it is made.

const KEY = 'theme';

class Theme {
  name = $state<'paper' | 'lamp'>(read());

  constructor() {
    document.documentElement.dataset.theme = this.name;
  }

  toggle() {
    this.name = this.name === 'paper' ? 'lamp' : 'paper';
    document.documentElement.dataset.theme = this.name;
    try {
      localStorage.setItem(KEY, this.name);
    } catch {
      // Site data may be blocked: the choice then lasts as long as the page.
    }
  }
}

function read(): 'paper' | 'lamp' {
  try {
    const kept = localStorage.getItem(KEY);
    if (kept === 'paper' || kept === 'lamp') return kept;
  } catch {
    // Blocked, as above.
  }
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'paper';
}

export const theme = new Theme();
