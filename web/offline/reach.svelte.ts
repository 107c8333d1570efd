// Whether the program was reached last time, and what waits on this device to be sent to it.

class Reach {
  /** The program did not answer: what is shown is what was kept. */
  lost = $state(false);
  /** Ticks and edits that wait. */
  waiting = $state(0);
  /** What the next sitting needs is on this device too. */
  ahead = $state(false);
  /** What was refused when it was sent, in words. */
  refused = $state('');
  private back: (() => void)[] = [];

  failed() {
    this.lost = true;
  }

  answered() {
    if (!this.lost) return;
    this.lost = false;
    for (const one of this.back) one();
  }

  /** Called when the program answers again. */
  onBack(one: () => void) {
    this.back.push(one);
  }

  get says(): string {
    const kept =
      this.waiting === 0
        ? ''
        : this.waiting === 1
          ? 'One change is kept on this device'
          : `${this.waiting} changes are kept on this device`;
    if (!this.lost) return kept && `${kept} and being sent.`;
    return kept
      ? `The program is not reached. ${kept} and sent when it is.`
      : 'The program is not reached. What you tick is kept on this device and sent when it is.';
  }
}

export const reach = new Reach();
