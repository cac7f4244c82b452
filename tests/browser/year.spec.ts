import { barriers } from './barriers';
import { expect, test } from './teacher';

test('the year shows what was taught, where we stand, and when the top is reached', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Curlews: the year');
  await expect(page.locator('.day.taught').first()).toBeVisible();
  await expect(page.locator('.day.today')).toHaveCount(1);
  await expect(teacher.dock()).toContainText('22 April 2027');
  await page.getByLabel('Where will we be on').fill('2027-03-14');
  await expect(page.locator('.forecast')).toContainText(/\d+ rungs are taught/);
  await page.getByRole('button', { name: 'Month' }).click();
  await expect(page.locator('.weeks.large .day.today')).toContainText('ea');
  await page.getByRole('button', { name: 'All groups' }).click();
  await expect(page.getByRole('img', { name: /How far each group is: Avocets/ })).toBeVisible();
});

test('a lost day is marked with one press, made up for in a chosen way, and undone', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await page.getByRole('button', { name: /Wednesday 25 November/ }).click();
  await teacher.dock().getByLabel('Why').fill('Snow');
  await teacher.dock().getByRole('button', { name: 'For Curlews' }).click();
  const ways = page.locator('.recovery-way');
  await expect(ways).toHaveCount(3);
  await expect(ways.first()).toContainText('26 April 2027');
  await expect(ways.nth(1)).toContainText('Something new on 27 Nov');
  await ways.nth(1).getByRole('button', { name: 'Take this way' }).click();
  await expect(page.locator('.recovery')).toHaveCount(0);
  await expect(page.locator('.day.extra')).toHaveCount(1);
  await expect(teacher.dock()).toContainText('22 April 2027');
  await page.getByRole('button', { name: 'Undo: review days used' }).click();
  await expect(page.locator('.day.extra')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo: no lesson on 25 Nov' }).click();
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Wednesday 25 November/ })).toBeVisible();
});

test('a day is closed for the whole school in one go, and a rung is given another day', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await page.getByRole('button', { name: /Thursday 26 November/ }).click();
  await teacher.dock().getByRole('button', { name: 'For the whole school' }).click();
  await expect(page.locator('.recovery')).toBeVisible();
  await expect(page.getByRole('button', { name: /Thursday 26 November/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Take this way' }).first().click();
  await page.getByRole('button', { name: /Tuesday 24 November/ }).click();
  await teacher.dock().getByRole('button', { name: 'needs another day' }).click();
  await expect(page.getByRole('button', { name: /Wednesday 25 November: rung 62/ })).toBeVisible();
  await page.getByLabel('Group').selectOption({ label: 'Avocets' });
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Avocets: the year');
  await expect(page.getByRole('button', { name: /Thursday 26 November/ })).toHaveCount(0);
});

test('a milestone says whether the group is on track', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await teacher.dock().getByRole('button', { name: 'Add a milestone' }).click();
  await teacher.dock().getByLabel('Its name').fill('Christmas');
  await teacher.dock().getByLabel('By which day').fill('2026-12-18');
  await teacher.dock().getByLabel('Rungs up to').selectOption({ index: 90 });
  await teacher.dock().getByRole('button', { name: 'Add it' }).click();
  await expect(teacher.dock().locator('.milestones')).toContainText(/school days late/);
});

test('the year is laid out for a screen reader, a tablet and paper', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await expect(page.locator('.day.today')).toBeVisible();
  for (const scheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    for (const view of ['Terms', 'Month', 'All groups']) {
      await page.getByRole('button', { name: view }).click();
      const found = await barriers(page);
      expect(found).toEqual([]);
    }
  }
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.getByRole('button', { name: 'Terms' }).click();
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});

test('half a day is marked with one press and its lesson is a short one', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await page.getByRole('button', { name: /26 November/ }).click();
  await teacher.dock().getByLabel('Why').fill('Early finish');
  await teacher.dock().getByRole('button', { name: /half a day/ }).click();
  await expect(page.getByRole('button', { name: /26 November.*a short lesson, Early finish/ })).toBeVisible();
  await teacher.dock().getByRole('link', { name: 'Open the lesson' }).click();
  await expect(page.locator('.heading .total')).toContainText('Early finish');
  await expect(page.locator('.heading .total')).toContainText('of 15 minutes');
  await page.goBack();
  await page.getByRole('button', { name: /Undo: Early finish on 26 Nov/ }).click();
  await expect(page.getByRole('button', { name: /26 November.*a short lesson/ })).toHaveCount(0);
});

test('a half-term is printed as one page for families, in plain words', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  // What is on the page when it is printed is kept, since the page goes again afterwards.
  await page.evaluate(() => {
    window.print = () => {
      document.body.dataset.printed = document.querySelector('.home-page')?.textContent ?? '';
    };
  });
  await page.getByRole('button', { name: 'Print a page' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', /What Curlews are learning.*as in leaf.*night/);
});

test('a word of tomorrow’s lesson that today’s rung opens can be read by then', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.goto(page.url().replace(/today.*$/, 'today/2026-11-25'));
  await expect(page.getByRole('heading', { level: 1 })).toContainText('25 November');
  await teacher.words('read').filter({ hasText: 'ea' }).first().click();
  await expect(teacher.dock().locator('.verdict')).toHaveText('Readable by then, if all goes to plan.');
});

test('a day typed into the Ask box is answered with where the group will be', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.keyboard.press('/');
  await page.keyboard.type('14 March');
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('On Sunday 14 March');
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('everyday words can be read');
});

test('every lesson of the year is planned at one press, and each figure opens to its lessons', async ({ teacher, page }) => {
  // Some two hundred lessons: on a busy machine that is more than a minute.
  test.slow();
  await teacher.open('Avocets');
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await page.getByRole('button', { name: 'Guarantees' }).click();
  await expect(page.getByText(/to come have no lesson yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan every lesson of the year' }).click();
  await expect(page.getByRole('progressbar', { name: 'Lessons planned' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Plan every lesson of the year' })).toBeVisible();
  await page.getByRole('button', { name: 'Plan every lesson of the year' }).click();
  await expect(page.getByText(/have no lesson yet/)).toHaveCount(0, { timeout: 120_000 });
  await expect(page.locator('.promise')).toContainText('each could be read that day');
  await page.getByRole('button', { name: /longest that anything taught went unseen/ }).click();
  await page.locator('.lessons-of a').first().click();
  await expect(page.locator('.part').first()).toBeVisible();
});

test('the year is printed on a page, and so is what can be said of it', async ({ teacher, page }) => {
  await teacher.open();
  await page.getByRole('link', { name: 'Year', exact: true }).click();
  await expect(page.locator('.day.today')).toBeVisible();
  const planned = page.locator('.terms .day.new, .terms .day.taught').filter({ hasText: /./ });
  const rungs = await teacher.textsOf(planned);
  await page.emulateMedia({ media: 'print' });
  const sheet = page.locator('.year-sheet');
  await expect(sheet).toContainText('Avocets: the year on a page');
  await expect(sheet.locator('td.today')).toHaveText('w');
  await expect.poll(async () => (await sheet.locator('td').allInnerTexts()).filter((x) => rungs.includes(x)).length).toBeGreaterThanOrEqual(rungs.length);
  await expect.poll(() => sheet.evaluate((x) => x.getBoundingClientRect().height)).toBeLessThanOrEqual((254 / 25.4) * 96);

  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Guarantees' }).click();
  await expect(page.locator('.promise')).toBeVisible();
  const promised = await page.locator('.promise').innerText();
  await page.emulateMedia({ media: 'print' });
  await expect(sheet).toContainText('what can be said of their lessons');
  await expect(sheet).toContainText(promised);
});
