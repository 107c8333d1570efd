/** "31 October 2026" */
export const dates = (iso: string) =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(`${iso}T00:00:00Z`));

const SMALL = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

/** "three reasons", "one reason", "no reasons"; "14 reasons". */
export const counted = (n: number, one: string, more = `${one}s`) => `${SMALL[n] ?? n} ${n === 1 ? one : more}`;
