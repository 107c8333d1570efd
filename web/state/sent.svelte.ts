// A whole that is sent anew with every change, such as a dress or a list: the next change builds on what was sent last, whether it is answered or not.

export class Sent<T> {
  private last: { of: string; value: T } | null = null;
  private under = 0;

  /** What was sent last of a thing, or as it is shown. */
  now(of: string, shown: T): T {
    return this.last?.of === of ? this.last.value : shown;
  }

  /** @param go sends it; false where it was refused, which is built on no more. The answer is what that says. */
  async send(of: string, value: T, go: () => Promise<boolean>): Promise<boolean> {
    this.last = { of, value };
    this.under++;
    const made = await go();
    this.under--;
    if (!made) this.last = null;
    return made;
  }

  /** What is shown is as it was sent: nothing need be remembered. */
  shown() {
    if (this.under === 0) this.last = null;
  }
}
