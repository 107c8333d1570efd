// The fore-edges of a notebook: one, or one for each of its books.
import type { Head, Stretch } from '../api/client';

export interface Edge {
  volume: string;
  title: string;
  pages: number;
  stretches: Stretch[];
  /** Pages missing; 0 where it fits. */
  short: number;
}

export function edges(notebook: Head): Edge[] {
  if (notebook.volumes.length === 0) {
    const { title, stock, fore_edge, fit } = notebook;
    return [{ volume: '1', title, pages: stock.pages, stretches: fore_edge, short: fit.fits ? 0 : fit.pages }];
  }
  return notebook.volumes.map((one) => ({
    volume: one.book,
    title: one.title,
    pages: one.stock.pages,
    stretches: one.fore_edge,
    short: one.fits ? 0 : one.pages,
  }));
}
