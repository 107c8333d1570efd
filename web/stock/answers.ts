// The stock as it is typed; what cannot be a number is sent as it stands, so that the program says what is wrong with it.
import type { Stock } from '../api/client';

export interface StockAnswers {
  width: string;
  height: string;
  pitch: string;
  across: string;
  down: string;
  pages: string;
  first_leaf: string;
  numbered: boolean;
  /** g/m²; empty where nobody knows. */
  grammage: string;
  /** mm a leaf is thick; empty where nobody measured it. */
  leaf: string;
}

export const A5: StockAnswers = {
  width: '148',
  height: '210',
  pitch: '5',
  across: '26',
  down: '38',
  pages: '192',
  first_leaf: 'ordinary',
  numbered: true,
  grammage: '',
  leaf: '',
};

export function fromStock(stock: Stock): StockAnswers {
  const { width, height, pitch, across, down, pages, first_leaf } = stock;
  return {
    width: `${width}`,
    height: `${height}`,
    pitch: `${pitch}`,
    across: `${across}`,
    down: `${down}`,
    pages: `${pages}`,
    first_leaf,
    numbered: stock.numbered ?? true,
    grammage: `${stock.grammage ?? ''}`,
    leaf: `${stock.leaf ?? ''}`,
  };
}

export function toStock(answers: StockAnswers): Stock {
  const number = (said: string) =>
    said.trim() !== '' && Number.isFinite(Number(said.replace(',', '.'))) ? Number(said.replace(',', '.')) : said;
  return {
    width: number(answers.width),
    height: number(answers.height),
    pitch: number(answers.pitch),
    across: number(answers.across),
    down: number(answers.down),
    pages: number(answers.pages),
    first_leaf: answers.first_leaf,
    numbered: answers.numbered,
    ...(answers.grammage.trim() === '' ? {} : { grammage: number(answers.grammage) }),
    ...(answers.leaf.trim() === '' ? {} : { leaf: number(answers.leaf) }),
  } as Stock;
}
