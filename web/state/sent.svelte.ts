// Wholes that are sent anew with every change, such as a dress, a pen or a list: the next change of one builds on what was sent last of it,
// whether that is answered or not.

export class Sent<T> {
  private last = new Map<string, T>();
  private under = 0;

  /** What was sent last of a thing, or as it is shown. */
  now(of: string, shown: T): T {
    return this.last.get(of) ?? shown;
  }

  /** @param go sends it; false where it was refused, which is built on no more. The answer is what that says. */
  async send(of: string, value: T, go: () => Promise<boolean>): Promise<boolean> {
    this.last.set(of, value);
    this.under++;
    const made = await go().finally(() => this.under--);
    if (!made) this.last.delete(of);
    return made;
  }

  /** What is shown is as it was sent: nothing need be remembered. Only where it was asked for after that was answered. */
  shown() {
    if (this.under === 0) this.last.clear();
  }
}
