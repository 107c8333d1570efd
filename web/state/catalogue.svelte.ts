// What there is to choose from, fetched once.
import { api, type Catalogue, type Field } from '../api/client';

class Choices {
  all = $state.raw<Catalogue | null>(null);

  async load() {
    this.all ??= await api.catalogue();
  }
}

export const catalogue = new Choices();

/** The settings that matter as the others stand now; the first choice of a choice is its default. */
export function asked(fields: Field[], settings: Record<string, unknown>): Field[] {
  const said = (name: string) => String(settings[name] ?? fields.find((one) => one.name === name)?.choices[0]?.[0] ?? '');
  const matters = (field: Field): boolean =>
    Object.entries(field.when).every(([name, values]) => {
      const other = fields.find((one) => one.name === name);
      return values.includes(said(name)) && (other === undefined || matters(other));
    });
  return fields.filter(matters);
}
