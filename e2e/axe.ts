import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What axe finds, by all its rules or by those that are named: a line for each rule, with where. No page has frames
 * of other origins: what axe does for those, a page of its own for every scan, takes twice as long as the rest.
 */
export async function violations(page: Page, rules: readonly string[] = []): Promise<string[]> {
  const axe = new AxeBuilder({ page }).setLegacyMode(true);
  const result = await (rules.length > 0 ? axe.withRules([...rules]) : axe).analyze();
  return result.violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}
