// The evening a person sits down on: the one that goes on now, or the next with something to draw.
import type { Sitting, Sittings } from '../api/client';

export function nextSitting(all: Sittings | null): Sitting | null {
  return all?.evenings.find((one) => !one.over && one.pages.length > 0) ?? null;
}
