import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { properties } from '@/core/record/entries/properties';
import { fitsDevice } from '@/core/fieldwork/walk/fitting';
import { bench } from '@/core/testing/bench';
import type { PropertyName, PropertySpec } from '@/core/record/entries/properties';
import type { Subject } from '@/core/record/entries/thing-types';
import { ines, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(240_000);

/** Properties a form asks of a subject, by the name a screen reader says. */
const asked = (subject: Subject) =>
  (Object.values(properties) as PropertySpec[]).filter(
    (spec) =>
      spec.on.includes(subject) &&
      spec.input !== 'none' &&
      !spec.retired &&
      !['Not there after all', 'Taken out since', 'Conductors here, all told'].includes(spec.label),
  );

interface Control {
  /** As a screen reader says it: its own label, that of its field, or its words. */
  name: string;
  /** Tab stops at it, or at the choices it is one of. */
  reached: boolean;
}

/** Every control of a sheet. Read in one go: a sheet has hundreds, and each asked by its role takes seconds. */
const controlsOf = (sheet: Locator): Promise<Control[]> =>
  sheet.locator('input, select, textarea, button, [role=button], [role=radio]').evaluateAll((all) =>
    all.map((element) => {
      const label = (element as HTMLInputElement).labels?.[0]?.firstChild?.textContent;
      return {
        name: (element.getAttribute('aria-label') ?? label ?? element.textContent ?? '').trim(),
        reached:
          (element as HTMLElement).tabIndex >= 0 ||
          element.closest('[role=radiogroup][tabindex="0"], [role=toolbar][tabindex="0"]') !==
            null ||
          !!element.parentElement?.querySelector(':scope > [tabindex="0"]'),
      };
    }),
  );

/** Each property of the subject has a control in the sheet with its name, in reach of Tab. */
async function allThere(sheet: Locator, subject: Subject, without: readonly string[] = []) {
  await expect(async () => {
    const controls = await controlsOf(sheet);
    const missing = asked(subject)
      .map(({ label }) => label)
      .filter(
        (label) =>
          !without.includes(label) && !controls.find(({ name }) => name.startsWith(label))?.reached,
      );
    expect(missing, `${subject}: reached by name`).toEqual([]);
  }).toPass({ timeout: 15_000 });
}

async function press(page: Page, target: Locator): Promise<void> {
  await target.focus();
  await page.keyboard.press('Enter');
}

test('every fact of every kind of thing is reached by keys, with its name', async ({
  page,
  world,
}) => {
  await signInByKeys(page, world.server.origin, ines);
  await page.goto(`${world.server.origin}/inspections/lock-keepers-house/supply`);
  await expect(page.getByText('All arrived')).toBeVisible();
  const node = page.getByRole('complementary', { name: 'Chosen part of the supply' });

  await allThere(node, 'panel', ['Name', 'Rows of positions', 'Numbering']);
  for (const [subject, button] of [
    ['electrode', '+ rod'],
    ['pipe', '+ gas pipe'],
    ['source', '+ second supply'],
    ['outlet', '+ receptacle'],
    ['work', '+ works known'],
    ['dwelling', '+ dwelling'],
  ] as const) {
    await press(page, page.getByRole('button', { name: button }));
    await allThere(node, subject, ['Name']);
  }
  await press(page, page.getByRole('button', { name: /^Service, / }));
  await allThere(node, 'service', ['Name']);
  for (const [subject, button] of [
    ['meter', '+ meter'],
    ['disconnect', '+ disconnect'],
  ] as const) {
    await press(page, page.getByRole('button', { name: /^Service, / }));
    await press(page, node.getByRole('button', { name: button }));
    await allThere(node, subject, ['Name']);
  }

  await page.getByRole('link', { name: 'Walk' }).press('Enter');
  const selected = page.getByRole('region', { name: 'Selected' });
  const position = (number: number) => page.locator(`[data-position="${number}"]`);
  await position(7).click();
  await press(page, selected.getByText('Everything of this breaker'));
  // What only a fuse or only two poles have is not asked of a single pole.
  const { reader } = bench().lines('7 20').book.site;
  const notOfOnePole = (Object.entries(properties) as [PropertyName, PropertySpec][])
    .filter(([name]) => !fitsDevice(name, { id: 'none', form: 'single-pole' }, reader))
    .map(([, { label }]) => label);
  await allThere(selected, 'device', [
    'Form',
    'Conductors the screw is marked for',
    ...notOfOnePole,
  ]);
  await press(page, selected.getByRole('button', { name: /Terminal 7: everything/ }));
  await allThere(selected, 'terminal');
  await position(7).click();
  await press(page, selected.getByText('Everything of this breaker'));
  await press(page, selected.getByRole('button', { name: /^Circuit Kitchen left/ }));
  await allThere(selected, 'circuit');
  await press(page, selected.getByRole('button', { name: '+ load' }));
  await allThere(selected, 'load');
  await position(7).click();
  await press(page, selected.getByRole('button', { name: /everything of it/ }).first());
  await allThere(selected, 'conductor');
  await press(page, selected.getByRole('button', { name: 'Its cable: everything' }));
  await allThere(selected, 'cable');
  await position(24).click();
  await press(page, selected.getByText('Everything of this position'));
  await allThere(selected, 'position', ['Opening']);
  await press(page, page.getByRole('button', { name: 'Lug A' }));
  await allThere(selected, 'lug');
  await press(page, page.getByRole('button', { name: 'Main panel, enclosure' }));
  await press(page, selected.getByRole('button', { name: '+ knockout' }));
  await allThere(selected, 'knockout');
  await page.getByRole('button', { name: /^Neutral screw 3,/ }).click();
  await press(page, selected.getByText('Everything of this screw'));
  await allThere(selected, 'bar-terminal');
  await press(page, selected.getByRole('button', { name: 'The whole bar: everything' }));
  await allThere(selected, 'bar');

  const byStage = new Set<string>();
  for (let stage = 1; stage <= 13; stage += 1) {
    await page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('button')
      .nth(stage - 1)
      .press('Enter');
    for (const name of await selected
      .getByRole('textbox')
      .or(selected.getByRole('combobox'))
      .or(selected.getByRole('group'))
      .or(selected.getByRole('radiogroup'))
      .or(selected.getByRole('toolbar'))
      .or(selected.locator('input[type=date]'))
      .evaluateAll((all) =>
        all.map(
          (one) =>
            one.getAttribute('aria-label') ?? one.closest('label')?.firstChild?.textContent ?? '',
        ),
      ))
      byStage.add(name.split(',')[0]!);
  }
  const wanted = [...asked('site'), ...asked('building')].filter(
    (spec) => spec.stage !== undefined,
  );
  expect(
    wanted.map((spec) => spec.label.split(',')[0]).filter((label) => !byStage.has(label!)),
  ).toEqual([]);
});
