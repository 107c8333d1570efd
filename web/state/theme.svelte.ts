// Paper by day, lamp by evening; the choice is kept in this browser, and follows the system until it is made.

import { local } from './local';

const KEY = 'theme';

class Theme {
  name = $state<'paper' | 'lamp'>(read());

  constructor() {
    document.documentElement.dataset.theme = this.name;
  }

  toggle() {
    this.name = this.name === 'paper' ? 'lamp' : 'paper';
    document.documentElement.dataset.theme = this.name;
    local.set(KEY, this.name);
  }
}

function read(): 'paper' | 'lamp' {
  const kept = local.get(KEY);
  if (kept === 'paper' || kept === 'lamp') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'paper';
}

export const theme = new Theme();
