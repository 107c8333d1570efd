// Lines that are typed faster than they are answered: each stands there at once as being written, goes out in its turn, and one that is
// refused comes back with its words. Nothing typed waits for an answer.

export interface Line<T> {
  id: number;
  /** As a person reads it. */
  text: string;
  said: T;
  /** Put aside: typed, and not sent yet. */
  is: 'writing' | 'refused' | 'aside';
  /** Why it was refused. */
  says: string;
  /** What of it was wrong, as the program names it. */
  field: string | null;
}

export interface Answer {
  made: boolean;
  says?: string;
  field?: string | null;
}

export class Lines<T> {
  shown = $state.raw<Line<T>[]>([]);
  private last = 0;

  /** @param send sends one; the answer says why where it was not made */
  constructor(private readonly send: (said: T) => Promise<Answer>) {}

  /** @returns the line where it was refused, null where it is written */
  async put(text: string, said: T): Promise<Line<T> | null> {
    const id = ++this.last;
    this.shown = [...this.shown, { id, text, said, is: 'writing', says: '', field: null }];
    const { made, says = '', field = null } = await this.send(said);
    if (made) {
      this.drop(id);
      return null;
    }
    this.shown = this.shown.map((one) => (one.id === id ? { ...one, is: 'refused', says, field } : one));
    return this.shown.find((one) => one.id === id) ?? null;
  }

  /** Whether nothing was typed after it: a hand that went on is between two lines, and its field is not free. */
  isLast(line: Line<T>): boolean {
    return line.id === this.last;
  }

  /** Typed and not sent: it stands there until somebody takes it up again. */
  aside(text: string, said: T) {
    this.shown = [...this.shown, { id: ++this.last, text, said, is: 'aside', says: 'Not written yet.', field: null }];
  }

  drop(id: number) {
    this.shown = this.shown.filter((one) => one.id !== id);
  }
}

/** Lines of one field: it is free at once, and what was refused comes back into it where nobody types the next. */
export class FieldLines {
  said = $state('');
  /** Why what stands in the field came back. */
  wrong = $state('');
  readonly lines: Lines<string>;

  constructor(send: (said: string) => Promise<Answer>) {
    this.lines = new Lines(send);
  }

  put() {
    const said = this.said;
    if (said.trim() === '') return;
    [this.said, this.wrong] = ['', ''];
    void this.lines.put(said, said).then((refused) => {
      if (refused && this.said === '' && this.lines.isLast(refused)) this.again(refused);
    });
  }

  /** A line that came back is in its field again; what stands there is put aside. */
  again(line: Line<string>) {
    if (this.said !== '') this.lines.aside(this.said, this.said);
    [this.said, this.wrong] = [line.said, line.says];
    this.lines.drop(line.id);
  }
}
