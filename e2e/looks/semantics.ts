import type { Page } from '@playwright/test';

/** What whoever hears a page instead of seeing it would miss: names of tables and rows, headings in order. */
export const missingNames = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const wrong: string[] = [];
    for (const table of document.querySelectorAll('table')) {
      const name = table.caption?.textContent?.trim() ?? table.getAttribute('aria-label') ?? '';
      const at = name || table.textContent?.trim().slice(0, 30) || 'a table';
      if (name === '') wrong.push(`${at}: no caption`);
      const rows = [...table.tBodies].flatMap((body) => [...body.rows]).filter((row) => !row.ariaHidden);
      const nameless = rows.filter((row) => row.cells.length > 1 && !row.querySelector('th[scope="row"]'));
      if (nameless.length > 0) wrong.push(`${at}: ${nameless.length} rows without a header`);
    }
    let last = 0;
    for (const heading of document.querySelectorAll('h1, h2, h3, h4, h5, h6')) {
      const level = Number(heading.tagName.slice(1));
      if (level > last + 1) wrong.push(`${heading.textContent?.trim()}: h${level} after h${last}`);
      last = level;
    }
    if (document.querySelectorAll('h1').length !== 1) wrong.push('not one h1');
    return wrong;
  });
