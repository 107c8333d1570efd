// What there is to choose from, fetched once.
import { api, type Catalogue } from '../api/client';

class Choices {
  all = $state.raw<Catalogue | null>(null);

  async load() {
    this.all ??= await api.catalogue();
  }
}

export const catalogue = new Choices();
