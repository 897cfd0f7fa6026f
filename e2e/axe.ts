import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Rules that hang on colours: the others find the same in the light and in the dark. */
export const OF_COLOUR = ['color-contrast', 'link-in-text-block'];

/** Serious findings of axe, by all rules or by some: each with the first parts of the page it is about. */
export async function serious(page: Page, rules: readonly string[] = []): Promise<string[]> {
  // In the page itself: there are no frames of others in it, and a page beside it for each look takes as long again.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({
      resultTypes: ['violations'],
      ...(rules.length === 0 ? {} : { runOnly: { type: 'rule', values: [...rules] } }),
    })
    // Rows, lanes and parts beyond the first few are made of the same parts.
    .exclude('tbody tr:nth-child(n+5)')
    .exclude('article:nth-of-type(n+5)')
    .exclude('.lane:nth-child(n+6)')
    .exclude('.rate-parts li:nth-child(n+5)')
    .exclude('.advice li:nth-child(n+4)')
    .exclude('.flips li:nth-child(n+4)')
    .exclude('.scores li:nth-child(n+4)')
    .exclude('.caution:nth-of-type(n+4)')
    .exclude('.phases > li:nth-child(n+3)')
    .exclude('.chakra-stack > :nth-child(n+12)')
    .analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.target.join(' '))
          .join(' | ')}`,
    );
}

/** Looks at what is shown in the light, and at its colours again in the dark. */
export async function look(page: Page, what: string): Promise<void> {
  expect(await serious(page), `${what}, light`).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveClass(/dark/);
  // Tones change over a moment.
  await page.waitForTimeout(250);
  expect(await serious(page, OF_COLOUR), `${what}, dark`).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).not.toHaveClass(/dark/);
  await page.waitForTimeout(250);
}
