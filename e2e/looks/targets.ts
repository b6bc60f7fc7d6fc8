import type { Page } from '@playwright/test';

/**
 * What is too small to be hit, with its size: below `least` px in either direction, unless it stands in a line of text, or has so
 * much room around it that a circle of that size over it touches no other (WCAG 2.2, 2.5.8).
 */
export const tooSmall = (page: Page, least: number): Promise<string[]> =>
  page.evaluate((size) => {
    const all = [
      ...document.querySelectorAll<HTMLElement>(
        'a[href], button, input:not([type="hidden"]), select, textarea, summary, [role="tab"], [role="option"]',
      ),
    ].filter((one) => {
      const { width, height } = one.getBoundingClientRect();
      const style = getComputedStyle(one);
      // Skip links and other things that only show when they have the focus.
      const hidden = style.clipPath !== 'none' || style.visibility === 'hidden' || style.opacity === '0';
      return width > 1 && height > 1 && !hidden && !one.closest('.hush, [aria-hidden="true"]');
    });
    // A label is part of what it names.
    const boxOf = (one: HTMLElement): DOMRect => {
      const label = one.matches('input[type="checkbox"], input[type="radio"]') ? one.closest('label') : null;
      return (label ?? one).getBoundingClientRect();
    };
    const boxes = all.map((one) => boxOf(one));
    const inText = (one: HTMLElement): boolean =>
      getComputedStyle(one).display === 'inline' &&
      [...(one.parentElement?.childNodes ?? [])].some(
        (node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? '').trim() !== '',
      );
    return all.flatMap((one, index) => {
      const { width, height, left, top } = boxes[index]!;
      if ((width >= size - 0.5 && height >= size - 0.5) || inText(one)) return [];
      const [x, y] = [left + width / 2, top + height / 2];
      const crowded = boxes.some((other, at) => {
        if (at === index || all[at]!.contains(one) || one.contains(all[at]!)) return false;
        const away = Math.hypot(
          Math.max(other.left - x, 0, x - other.right),
          Math.max(other.top - y, 0, y - other.bottom),
        );
        return away < size / 2;
      });
      if (!crowded) return [];
      const name = one.getAttribute('aria-label') ?? one.textContent?.trim().slice(0, 30) ?? '';
      return [`${one.tagName.toLowerCase()} “${name}” ${Math.round(width)} × ${Math.round(height)}`];
    });
  }, least);
