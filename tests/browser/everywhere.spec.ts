import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test, type Teacher } from './teacher';

const SCREENS = ['Today', 'Ladder', 'Words'];

async function show(screen: string, teacher: Teacher, page: Page) {
  await page.getByRole('link', { name: screen, exact: true }).click();
  const main = { Today: '.part', Ladder: '.rung-row', Words: '.list-form' }[screen] ?? 'main';
  await expect(page.locator(main).first()).toBeVisible();
}

for (const [name, width, height] of [['a tablet', 820, 1180], ['a small laptop', 1100, 700], ['a page at 200%', 640, 400]] as const) {
  test(`on ${name} nothing has to be scrolled sideways and the main thing is there`, async ({ teacher, page }) => {
    await page.setViewportSize({ width, height });
    await teacher.open();
    for (const screen of SCREENS) {
      await show(screen, teacher, page);
      const [wide, inner] = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
      expect(wide, screen).toBeLessThanOrEqual(inner ?? 0);
      const box = await page.locator('#main').boundingBox();
      expect(box?.height ?? 0, screen).toBeGreaterThan(60);
      await expect(page.locator('.taught-line').first()).toBeVisible();
    }
  });
}

test('in the dark every screen keeps its contrast', async ({ teacher, page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await teacher.open('Curlews');
  for (const screen of SCREENS) {
    await show(screen, teacher, page);
    const found = await new AxeBuilder({ page }).withTags(['wcag2aa', 'wcag21aa']).disableRules(['target-size']).analyze();
    expect(found.violations.map((x) => `${screen}: ${x.id} ${x.nodes[0]?.target.join(' ')}`)).toEqual([]);
  }
});

test('each screen has an address of its own that can be sent, and the back button goes back', async ({ teacher, page, context }) => {
  await teacher.open('Curlews');
  await show('Ladder', teacher, page);
  await page.locator('[data-rung="sh-sh"]').click();
  await expect(page).toHaveURL(/ladder\/sh-sh$/);
  const sent = await context.newPage();
  await sent.goto(page.url());
  await expect(sent.locator('.dock')).toContainText('words unlocked');
  await sent.close();
  await page.goBack();
  await expect(page.locator('.rung-row.chosen')).toHaveCount(0);
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Curlews');
});

test('the keys are told when asked for, and a screen can be walked with them alone', async ({ teacher, page }) => {
  await teacher.open();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('ask about a word');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('Tab');
  await expect(page.getByText('Skip to the page')).toBeFocused();
  await teacher.words('read').first().focus();
  await page.keyboard.press('Enter');
  const first = await teacher.dock().locator('.dock-word .visually-hidden').textContent();
  await page.keyboard.press('ArrowRight');
  await expect(teacher.dock().locator('.dock-word .visually-hidden')).not.toHaveText(first ?? '');
  await page.keyboard.press('ArrowLeft');
  await expect(teacher.dock().locator('.dock-word .visually-hidden')).toHaveText(first ?? '');
});

test('letters typed into a field are letters there and no commands', async ({ teacher, page }) => {
  await teacher.open();
  const before = await teacher.texts('read');
  await teacher.words('read').first().click();
  await teacher.dock().getByLabel('Type over it').click();
  await page.keyboard.type('slx?/');
  await expect(teacher.dock().getByLabel('Type over it')).toHaveValue('slx?/');
  await expect.poll(() => teacher.texts('read')).toEqual(before);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
});
