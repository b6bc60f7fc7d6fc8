import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { ready } from './help';
import { DEMO } from './servers';

const VIEWS = [
  ...['brief', 'wire', 'power', 'prove', 'program', 'timing', 'test', 'hand-over'].map(
    (station) => `doors/D05/${station}`,
  ),
  'doors/D03/wire',
  'doors/D07/prove',
  'doors/D08/wire',
  'supplies',
  'sets',
  'types',
  'release',
  'people',
  'log',
  'pack',
];

for (const view of VIEWS) {
  test(`${view} has no accessibility fault`, async ({ page }) => {
    await page.goto(`${DEMO.url}/s/quillhaven/${view}`);
    await ready(page);
    await clean(page);
  });
}
for (const tab of ['Diagram', 'Terminals', 'Cables', 'Wire list', 'Hardware']) {
  test(`${tab} of a door has no accessibility fault`, async ({ page }) => {
    await page.goto(`${DEMO.url}/s/quillhaven/doors/D12/wire`);
    await ready(page);
    await page.getByRole('tab', { name: tab }).click();
    await expect(page.getByText(/^(One moment|Laying out)/)).toHaveCount(0);
    await clean(page);
  });
}
test('the type editor has no accessibility fault', async ({ page }) => {
  await page.goto(`${DEMO.url}/s/quillhaven/types`);
  await ready(page);
  await page.getByRole('button', { name: 'New type' }).click();
  await clean(page);
});

/** No fault of WCAG 2.2 AA that can be found by machine, in the light theme and in the dark one. */
async function clean(page: Page): Promise<void> {
  for (const theme of ['light', 'dark']) {
    await page.evaluate((name) => (document.documentElement.dataset['theme'] = name), theme);
    await cleanAsShown(page, theme);
  }
}

async function cleanAsShown(page: Page, theme: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const told = violations.map(
    ({ id, nodes }) =>
      `${theme}, ${id}: ${nodes
        .map((node) => node.target.join(' '))
        .slice(0, 4)
        .join(' | ')}`,
  );
  expect(told).toEqual([]);
}
