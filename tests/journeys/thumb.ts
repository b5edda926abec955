import type { Locator, Page } from '@playwright/test';
import { pressable } from './world';

/** One thumb on a phone: counts its taps, the fields it types in, and how often it had to scroll. */
export class Thumb {
  taps = 0;
  fields = 0;
  scrolls = 0;

  constructor(readonly page: Page) {}

  get count(): number {
    return this.taps + this.fields;
  }

  get selected(): Locator {
    return this.page.getByRole('region', { name: 'Selected' });
  }

  async tap(target: Locator): Promise<void> {
    await this.reach(target);
    this.taps += 1;
    await target.tap();
  }

  /** A button or choice of what is in hand, by its name. */
  press(name: string | RegExp): Promise<void> {
    return this.tap(pressable(this.selected, name));
  }

  async fill(target: Locator, text: string): Promise<void> {
    await this.reach(target);
    this.fields += 1;
    await target.fill(text);
    await target.blur();
  }

  async choose(target: Locator, option: string | { label: string }): Promise<void> {
    await this.reach(target);
    this.taps += 1;
    await target.selectOption(option);
  }

  /** Takes a picture with the key under the thumb. */
  async photo(path: string): Promise<void> {
    this.taps += 1;
    await this.page
      .getByRole('navigation', { name: 'Stages' })
      .locator('input[type=file]')
      .setInputFiles(path);
  }

  /** A stage by its name, from the sheet behind the stage key. */
  async stage(name: string): Promise<void> {
    await this.tap(
      this.page.getByRole('navigation', { name: 'Stages' }).getByRole('button').nth(1),
    );
    await this.tap(
      this.page
        .getByRole('dialog', { name: 'The stages of the walk' })
        .getByRole('button', { name }),
    );
  }

  /** A view, from behind the heading. */
  async view(name: string): Promise<void> {
    await this.tap(this.page.getByRole('button', { name: /views and panels$/ }));
    await this.tap(this.page.getByRole('dialog').getByRole('link', { name, exact: true }));
  }

  /** A position: in the lens where it shows, else the lens is taken there by the map first. */
  async position(number: number): Promise<void> {
    const place = this.page.locator(`[data-position="${number}"]`);
    if (!(await this.shows(place))) {
      this.taps += 1;
      await this.page.locator(`[data-map-position="${number}"]`).tap();
    }
    this.taps += 1;
    await place.tap();
  }

  /** Whether the lens shows it, the middle of it at least. */
  private async shows(place: Locator): Promise<boolean> {
    return place.evaluate((element) => {
      const a = element.getBoundingClientRect();
      const b = element.closest('svg')!.getBoundingClientRect();
      const y = a.y + a.height / 2;
      return y > b.y + 4 && y < b.bottom - 4;
    });
  }

  /** What lies outside the screen has to be scrolled to. */
  private async reach(target: Locator): Promise<void> {
    await target.waitFor({ state: 'attached' });
    const before = await target.evaluate((element) => {
      const { y, height } = element.getBoundingClientRect();
      let box = element.parentElement;
      while (box && !/auto|scroll/.test(getComputedStyle(box).overflowY)) box = box.parentElement;
      const frame = box?.getBoundingClientRect() ?? { y: 0, bottom: innerHeight };
      const middle = y + height / 2;
      return middle >= Math.max(frame.y, 0) && middle <= Math.min(frame.bottom, innerHeight);
    });
    if (before) return;
    this.scrolls += 1;
    await target.scrollIntoViewIfNeeded();
  }
}
