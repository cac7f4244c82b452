import type { Page } from '@playwright/test';
import { barriers } from './barriers';
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
    const found = await barriers(page);
    expect(found, screen).toEqual([]);
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

for (const scheme of ['light', 'dark'] as const) {
  test(`in the ${scheme} hints in fields are read easily, and edges of fields and arrows are seen`, async ({ teacher, page }) => {
    await page.emulateMedia({ colorScheme: scheme });
    await teacher.open('Curlews');
    const weak: string[] = [];
    for (const screen of SCREENS) {
      await show(screen, teacher, page);
      weak.push(...(await page.evaluate(weakFields, screen)));
    }
    expect(weak).toEqual([]);
  });
}

/** The fields whose hint has less than 4.5 to 1 against the field, or whose edge or arrow less than 3 to 1. */
function weakFields(screen: string): string[] {
  const colour = (text: string) => (text.match(/[\d.]+/g) ?? []).map(Number);
  const light = ([r, g, b]: number[]) =>
    [r ?? 0, g ?? 0, b ?? 0]
      .map((x) => x / 255)
      .map((x) => (x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4))
      .reduce((sum, x, i) => sum + x * ([0.2126, 0.7152, 0.0722][i] ?? 0), 0);
  const contrast = (a: number[], b: number[]) =>
    (Math.max(light(a), light(b)) + 0.05) / (Math.min(light(a), light(b)) + 0.05);
  const behind = (x: Element | null): number[] => {
    for (let at = x; at; at = at.parentElement) {
      const found = colour(getComputedStyle(at).backgroundColor);
      if (found.length === 3) return found;
    }
    return [255, 255, 255];
  };
  const weak: string[] = [];
  for (const field of document.querySelectorAll<HTMLInputElement>('.form-control, .form-select, .form-check-input')) {
    const name = `${screen}: ${field.getAttribute('aria-label') ?? field.id} ${field.className}`;
    const style = getComputedStyle(field);
    if (contrast(colour(style.borderTopColor), behind(field.parentElement)) < 3) weak.push(`${name}: edge`);
    if (field.placeholder && contrast(colour(getComputedStyle(field, '::placeholder').color), behind(field)) < 4.5) {
      weak.push(`${name}: hint`);
    }
    const arrow = /stroke='%23([0-9a-f]{6})'/.exec(style.backgroundImage)?.[1];
    if (field.matches('.form-select') && arrow) {
      const stroke = [0, 2, 4].map((i) => parseInt(arrow.slice(i, i + 2), 16));
      if (contrast(stroke, behind(field)) < 3) weak.push(`${name}: arrow`);
    }
    if (field.matches('.form-select') && !arrow) weak.push(`${name}: no arrow`);
  }
  return weak;
}

test('the last line of a lesson can be scrolled clear of the foot', async ({ teacher, page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await teacher.open();
  await page.locator('#main').evaluate((x) => x.scrollTo(0, x.scrollHeight));
  const main = await page.locator('#main').boundingBox();
  const last = await page.locator('.part').last().boundingBox();
  const fade = 24;
  expect((last?.y ?? 0) + (last?.height ?? 0)).toBeLessThanOrEqual((main?.y ?? 0) + (main?.height ?? 0) - fade + 1);
});

test('when the server is busy a change is kept on the screen and sent again by itself', async ({ teacher, page }) => {
  await teacher.open();
  teacher.expected.add(503);
  let refused = 0;
  await page.route('**/edits', (route) =>
    refused++ < 2
      ? route.fulfill({ status: 503, headers: { 'Retry-After': '1' }, contentType: 'application/problem+json', body: '{"status":503,"detail":"Busy."}' })
      : route.continue(),
  );
  await teacher.words('read').first().click();
  await teacher.dock().getByLabel('Type over it').fill('pat');
  await page.keyboard.press('Enter');
  await expect(page.locator('.saved')).toContainText('sent again');
  await expect(teacher.dock().getByLabel('Type over it')).toHaveValue('pat');
  await teacher.saved();
  await expect.poll(() => teacher.texts('read')).toContain('pat');
  expect(refused).toBe(3);
});

test('no link leads to the group before once another is chosen', async ({ teacher, page }) => {
  await teacher.open();
  // Looked at in the same breath: a slow machine gives a hand the time to press it.
  const leftBehind = await page.evaluate(async () => {
    const choice = document.querySelector<HTMLSelectElement>('.group-choice')!;
    const before = choice.value;
    choice.value = [...choice.options].find((x) => x.text === 'Curlews')!.value;
    choice.dispatchEvent(new Event('change', { bubbles: true }));
    await Promise.resolve();
    return [...document.querySelectorAll('nav a')].map((x) => x.getAttribute('href')).filter((x) => x?.includes(before));
  });
  expect(leftBehind).toEqual([]);
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Curlews: the year');
});

test('whatever place is printed, there is something on the paper', async ({ teacher, page }) => {
  await teacher.open();
  await page.emulateMedia({ media: 'print' });
  const group = new URL(page.url()).pathname.replace(/today.*/, '');
  for (const place of ['today', 'ladder', 'year', 'year?view=groups', 'year?view=guarantees', 'words', 'words?kind=sentences', '../set-up/school', '../set-up/groups']) {
    await page.goto(new URL(place, `http://x${group}`).href.replace('http://x', ''));
    await expect(page.locator('h1:visible, h2:visible').first(), place).toBeVisible();
  }
});
