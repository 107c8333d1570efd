// What a person does, act by act, counted.
import { expect, test, type Locator, type Page } from '@playwright/test';

/** Counts what a person does, and says at the end how much it was. */
export class Hand {
  actions = 0;
  private readonly began = Date.now();
  constructor(private readonly page: Page) {}

  async click(what: Locator) {
    this.actions++;
    await what.click();
  }
  async fill(what: Locator, words: string) {
    this.actions++;
    await what.fill(words);
  }
  async choose(what: Locator, option: string) {
    this.actions++;
    await what.selectOption({ label: option });
  }
  async key(...keys: string[]) {
    for (const key of keys) {
      this.actions++;
      await this.page.keyboard.press(key);
    }
  }
  async go(letter: string, heading: string) {
    await this.key('g', letter);
    await expect(this.page.getByRole('heading', { level: 1, name: heading })).toBeAttached();
  }
  says(what: string) {
    test
      .info()
      .annotations.push({ type: what, description: `${this.actions} actions, ${((Date.now() - this.began) / 1000).toFixed(0)} s` });
    console.log(`  ${what}: ${this.actions} actions, ${((Date.now() - this.began) / 1000).toFixed(0)} s by the machine`);
  }
}
