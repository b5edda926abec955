import type { Page } from '@playwright/test';

/** Milliseconds from a tap that records, on the thing in hand, to the paint after it. */
export const tap = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    const button = () =>
      [...document.querySelectorAll('button')].find((one) => one.textContent === 'Damp')!;
    const before = button().getAttribute('aria-pressed');
    const start = performance.now();
    button().click();
    await new Promise<void>((done) => {
      const look = () => {
        if (button().getAttribute('aria-pressed') === before) return void setTimeout(look, 0);
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => done();
          port2.postMessage(0);
        });
      };
      look();
    });
    return performance.now() - start;
  });
