// Whether somebody waits for the program: what is answered within a blink needs no sign of it.

/** Milliseconds from which on a wait is felt. */
const BLINK = 100;

export class Waited {
  long = $state(false);
  private under = 0;
  private blink: ReturnType<typeof setTimeout> | undefined;

  async for<T>(answer: Promise<T>): Promise<T> {
    if (this.under++ === 0) this.blink = setTimeout(() => (this.long = true), BLINK);
    try {
      return await answer;
    } finally {
      if (--this.under === 0) {
        clearTimeout(this.blink);
        this.long = false;
      }
    }
  }
}

export const waited = new Waited();
