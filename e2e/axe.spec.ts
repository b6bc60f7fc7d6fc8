import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { ready } from './help';
import { DEMO } from './servers';

test.describe.configure({ mode: 'parallel' });

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
for (const tab of ['Diagram', 'Terminals', 'Cables', 'Wire list', 'Hardware', 'Settings']) {
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

/**
 * No fault of WCAG 2.2 AA that can be found by machine. Only colour differs between the themes, so the dark one is
 * asked for that alone.
 */
async function clean(page: Page): Promise<void> {
  const theme = (name: string) =>
    page.evaluate((value) => (document.documentElement.dataset['theme'] = value), name);
  await theme('light');
  await faultless('light', new AxeBuilder({ page }).withTags(WCAG));
  await theme('dark');
  await faultless('dark', new AxeBuilder({ page }).withRules(['color-contrast']));
}

const WCAG = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

async function faultless(theme: string, axe: AxeBuilder): Promise<void> {
  const { violations } = await axe.analyze();
  const told = violations.map(
    ({ id, nodes }) =>
      `${theme}, ${id}: ${nodes
        .map((node) => node.target.join(' '))
        .slice(0, 4)
        .join(' | ')}`,
  );
  expect(told).toEqual([]);
}
