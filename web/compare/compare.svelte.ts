// The layouts of a spread side by side: which are shown, by what they are sorted, which is looked at closely.
import type { Candidate, Comparison } from '../api/client';
import { Loader } from '../state/loader.svelte';
import { MEASURES, sorted, type Measure } from './measures';

export class CompareState {
  readonly layouts = new Loader<Comparison>();
  /** The measure they are sorted by; "" for as people use them. */
  by = $state('');
  /** The month or place whose lines are looked at, where somebody chose one. */
  place = $state('');
  looked = $state('');

  get found(): Comparison | null {
    return this.layouts.value;
  }

  /** Every place some layout keeps for writing, with its name. */
  get places(): [string, string][] {
    return [...new Map((this.found?.candidates ?? []).flatMap((one) => one.rooms.map((room) => [room.for, room.name] as const)))];
  }

  get at(): string {
    return this.places.some(([one]) => one === this.place) ? this.place : (this.found?.busiest ?? '');
  }

  /** The measures that say something of these. */
  get rows(): Measure[] {
    return MEASURES.filter((measure) => this.found?.candidates.some((one) => measure.value(one, this.at) !== null));
  }

  get shown(): Candidate[] {
    return this.found ? sorted(this.found.candidates, this.rows.find((one) => one.id === this.by) ?? null, this.at) : [];
  }

  get best(): Candidate | null {
    return this.found && this.found.best !== null ? (this.found.candidates[this.found.best] ?? null) : null;
  }

  get close(): Candidate | null {
    return this.shown.find((one) => one.name === this.looked) ?? null;
  }

  order(measure: Measure): 'ascending' | 'descending' | undefined {
    return this.by === measure.id ? (measure.most ? 'descending' : 'ascending') : undefined;
  }
}
