import { execFileSync } from 'node:child_process';
import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test';

/** The first invented school: other tests leave schools of their own beside it. */
export const SALTMARSH_ROW = '/01900000-0000-7000-8000-000000000001';

/** What a teacher does on the screen, and a watch on everything that goes wrong behind it. */
export class Teacher {
  /** Statuses that a test brings about on purpose. */
  readonly expected = new Set<number>();
  readonly wrong: string[] = [];

  constructor(readonly page: Page) {
    page.on('pageerror', (x) => this.wrong.push(`page error: ${x.message}`));
    page.on('console', (x) => {
      // A busy server says when to come back, and the page does: that is told from one that fails by its answer, below.
      const asked = [503, ...this.expected].some((status) => x.text().includes(`status of ${status}`));
      if (x.type() === 'error' && !asked) this.wrong.push(`console: ${x.text()}`);
    });
    page.on('response', (x) => {
      const waits = x.status() === 503 && x.headers()['retry-after'] !== undefined;
      if (x.status() >= 400 && !waits && !this.expected.has(x.status())) this.wrong.push(`${x.status()} ${x.url()}`);
    });
    page.on('requestfailed', (x) => {
      if (x.failure()?.errorText !== 'net::ERR_ABORTED') this.wrong.push(`failed: ${x.url()}`);
    });
    page.on('request', (x) => {
      if (!x.url().startsWith(process.env.BASE_URL ?? 'http://127.0.0.1') && !x.url().startsWith('data:')) {
        this.wrong.push(`asked elsewhere: ${x.url()}`);
      }
    });
  }

  async open(group = 'Avocets') {
    await this.page.goto(SALTMARSH_ROW);
    await expect(this.page.locator('.part')).toHaveCount(4);
    if (group !== 'Avocets') await this.goTo(group);
  }

  async goTo(group: string) {
    await this.page.getByLabel('Group').selectOption({ label: group });
    await expect(this.page.getByRole('heading', { level: 1 })).toContainText(group);
    await expect(this.page.locator('.part')).toHaveCount(4);
  }

  async openSchool(name: string) {
    await this.page.getByLabel('Group').selectOption({ label: name });
    await expect(this.page.locator('.school-name')).toHaveText(name);
    await expect(this.page.locator('.part')).toHaveCount(4);
  }

  async openLadder() {
    await this.page.getByRole('link', { name: 'Ladder', exact: true }).click();
    await expect(this.page.locator('.rung-row').nth(1)).toBeVisible();
  }

  words(block: string) {
    return this.page.locator(`.block.${block} .item`);
  }

  /** The words of a block once it is there: read before the lesson has come, they would be none. */
  texts(block: string) {
    return this.textsOf(this.words(block).locator('.visually-hidden'));
  }

  /** What stands in each of some places, once the first of them is there. */
  async textsOf(places: Locator) {
    await places.first().waitFor({ state: 'attached' });
    return places.allTextContents();
  }

  dock() {
    return this.page.locator('.dock');
  }

  async saved() {
    await expect(this.page.locator('.saved')).toHaveText('Saved');
  }
}

export const test = base.extend<{ teacher: Teacher }, { shared: BrowserContext }>({
  // One browser for all tests, with a page that stays: without it each would fetch, compile and lay out the same pages as if
  // they were new, which is a quarter of its time. The product keeps nothing in it longer than a page is open.
  shared: [
    async ({ browser }, use, { project }) => {
      const { baseURL, viewport, contextOptions } = project.use;
      const shared = await browser.newContext({ ...contextOptions, baseURL, viewport });
      await (await shared.newPage()).goto('/mark.svg');
      await use(shared);
      await shared.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ shared }, use) => {
    const stays = shared.pages();
    await use(shared);
    await shared.clearPermissions();
    for (const page of shared.pages().filter((x) => !stays.includes(x))) await page.close();
  },
  teacher: async ({ page }, use) => {
    // Every test finds the demo schools as they ship.
    const command = process.env.RESET_DEMO;
    if (command) execFileSync('bash', ['-c', command], { stdio: 'ignore' });
    const teacher = new Teacher(page);
    await use(teacher);
    expect(teacher.wrong).toEqual([]);
  },
});

export { expect };
