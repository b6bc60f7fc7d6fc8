import type { Page } from '@playwright/test';

/** Marks at both ends of every text of the catalogue in the language that is none: see `words/pseudo.ts`. */
const [OPENING, CLOSING] = ['⟦', '⟧'];

/** Signs that are the same in every language: units, standards, formats of files, names of terminals. */
const SAME =
  /\b(Aldaba|min|mA|Ah|AWG|CSV|TSV|JSON|PDF|XLSX|DIP|IP|IEC|NFPA|UL|RS-485|PoE|Ctrl|Alt|Esc|mm²|COM|kHz|km|dB)\b/gu;

/**
 * Texts of a page that do not come from the catalogue: neither marked, nor part of what people entered or of a device type's own names.
 * What is read out and not seen counts as well.
 */
export async function untranslated(page: Page, data: readonly string[]): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT);
    for (let node = walker.currentNode as Element | null; node; node = walker.nextNode() as Element | null) {
      if (node.matches('script, style, code, astro-island > template')) continue;
      for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-description', 'aria-valuetext'])
        if (node.getAttribute(name)) found.push(node.getAttribute(name)!);
      // The texts of one element together: a sentence may be cut where a figure stands in it.
      const own = [...node.childNodes].filter(({ nodeType }) => nodeType === Node.TEXT_NODE);
      const text = own.map(({ textContent }) => textContent ?? '').join('');
      if (text.trim()) found.push(text);
    }
    return found;
  });
  const known = [...new Set(data)].filter((one) => /\p{L}/u.test(one)).sort((a, b) => b.length - a.length);
  const outside = texts.filter((text) => {
    // A name that is cut for want of room.
    if (/…$/.test(text) && known.some((one) => one.startsWith(text.slice(0, -1)))) return false;
    let rest = text;
    // Marks may stand inside one another: the innermost go first.
    const innermost = new RegExp(`${OPENING}[^${OPENING}${CLOSING}]*${CLOSING}`, 'gu');
    for (let before = ''; before !== rest;) [before, rest] = [rest, rest.replace(innermost, ' ')];
    for (const one of known) if (rest.includes(one)) rest = rest.replaceAll(one, ' ');
    return /\p{L}{3,}/u.test(rest.replace(SAME, ' '));
  });
  return [...new Set(outside.map((text) => text.trim().slice(0, 120)))];
}

/** What is wider than the place it has, and cut off or over the edge: buttons, tabs, headings, cells. */
export const spilling = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, a, h1, h2, h3, h4, label, legend, [role="tab"], dt')]
      .filter((one) => {
        const { width, height } = one.getBoundingClientRect();
        const { overflowX, textOverflow, display, clipPath } = getComputedStyle(one);
        const isCut = overflowX !== 'visible' && textOverflow === 'ellipsis';
        const isHidden =
          clipPath !== 'none' ||
          width < 2 ||
          height < 2 ||
          one.closest('.hush, [aria-hidden="true"]') !== null;
        return !isHidden && !isCut && display !== 'inline' && one.scrollWidth > one.clientWidth + 1;
      })
      .map(
        (one) =>
          `${one.tagName.toLowerCase()} “${one.textContent?.trim().slice(0, 60)}”: ${one.scrollWidth} in ${one.clientWidth} px`,
      ),
  );
