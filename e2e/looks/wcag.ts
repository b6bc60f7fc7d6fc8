import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

const WCAG = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/**
 * Faults of WCAG 2.2 AA that can be found by machine. Only colour differs between the themes, so the dark one is
 * asked for that alone. `within`: a part of the page, where the rest was looked at elsewhere.
 */
export async function wcagFaults(page: Page, within?: string): Promise<string[]> {
  const theme = (name: string) =>
    page.evaluate((value) => (document.documentElement.dataset['theme'] = value), name);
  // Nothing here stands in a frame: the page itself is asked, in one go.
  const asked = () => {
    const axe = new AxeBuilder({ page }).setLegacyMode(true);
    return within === undefined ? axe : axe.include(within);
  };
  await theme('light');
  const light = await told('light', asked().withTags(WCAG));
  await theme('dark');
  return [...light, ...(await told('dark', asked().withRules(['color-contrast'])))];
}

async function told(theme: string, axe: AxeBuilder): Promise<string[]> {
  const { violations } = await axe.analyze();
  return violations.map(
    ({ id, nodes }) =>
      `${theme}, ${id}: ${nodes
        .map((node) => node.target.join(' '))
        .slice(0, 4)
        .join(' | ')}`,
  );
}
