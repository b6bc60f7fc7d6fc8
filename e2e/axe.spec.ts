import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
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
  'release',
  'people',
  'log',
  'pack',
];

for (const colorScheme of ['light', 'dark'] as const) {
  test.describe(colorScheme, () => {
    test.use({ colorScheme });
    for (const view of VIEWS) {
      test(`${view} has no accessibility fault`, async ({ page }) => {
        await page.goto(`${DEMO.url}/s/quillhaven/${view}`);
        await ready(page);
        const { violations } = await new AxeBuilder({ page })
          .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
          .analyze();
        const told = violations.map(
          ({ id, nodes }) =>
            `${id}: ${nodes
              .map((node) => node.target.join(' '))
              .slice(0, 4)
              .join(' | ')}`,
        );
        expect(told).toEqual([]);
      });
    }
  });
}
