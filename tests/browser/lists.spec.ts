import { barriers } from './barriers';
import { expect, test } from './teacher';

test('the Words screen lists what the group can read, and each choice changes it at once', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Words');
  await expect.poll(() => page.locator('main .list-families .item').count()).toBeGreaterThanOrEqual(60);
  await page.getByLabel('Sound', { exact: true }).selectOption('sh');
  await expect(page).toHaveURL(/sound=sh/);
  await expect(page.locator('main .list-body .item').first()).toContainText('sh');
  await page.getByLabel('Place', { exact: true }).selectOption('last');
  await expect(page.locator('main .list-body .item .visually-hidden').first()).toHaveText(/sh$/);
  await page.locator('main .list-body .item').first().click();
  await expect(teacher.dock().locator('.verdict')).toHaveText('Readable today.');
  await page.goBack();
  await expect(page.getByLabel('Place', { exact: true })).toHaveValue('');
});

test('a list by ear, what has settled, and as if we were elsewhere', async ({ teacher, page }) => {
  await teacher.open();
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  await page.getByLabel('Sound', { exact: true }).selectOption('ai');
  await expect(page.locator('main .list-empty')).toContainText('No word fits');
  await expect(page.getByRole('button', { name: 'Print' })).toBeDisabled();
  await page.getByLabel('Of', { exact: true }).selectOption('ear');
  await expect(page.locator('main .list-body .item .visually-hidden', { hasText: /^rain$/ })).toHaveCount(1);
  await expect(teacher.dock()).toContainText('How the sound is spelt');
  await page.getByLabel('Of', { exact: true }).selectOption('secure');
  await page.getByLabel('Sound', { exact: true }).selectOption('');
  await expect(teacher.dock()).toContainText('ten teaching days ago');
  await expect.poll(() => page.locator('main .list-body .item').count()).toBeGreaterThan(5);
});

test('pairs stand side by side, a chain says what changed, made-up words are others each time', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  const list = page.getByLabel('List', { exact: true });
  await list.selectOption('added-in-front');
  await expect(page.locator('main .list-pairs section').first().locator('.item')).toHaveCount(2);
  await list.selectOption('by-spelling');
  await expect(page.locator('main .shared').first()).toBeVisible();
  await list.selectOption('chain');
  await expect(page.locator('main .list-chain li')).toHaveCount(9);
  await expect(page.locator('main .list-chain .said').nth(1)).toContainText(/became|added|taken/);
  await list.selectOption('made-up');
  await expect(page.locator('main .list-families .item')).toHaveCount(24);
  const first = await page.locator('main .list-families .item').first().textContent();
  await page.getByRole('button', { name: 'Others' }).click();
  await expect(page.locator('main .list-families .item').first()).not.toHaveText(first ?? '');
});

test('where sentences run dry, made ones are read and taken, one is written, and what is no word is told', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  await page.getByLabel('List', { exact: true }).selectOption('sentences');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sentences for ea');
  const made = page.getByRole('region', { name: 'Made by rule, read by nobody yet' }).locator('li');
  await expect(made).toHaveCount(24);
  const first = (await made.first().locator('.sentence-text').textContent()) ?? '';
  await made.first().getByRole('button').click();
  await expect(teacher.dock().locator('li')).toHaveText([`${first} take out`]);
  await expect(page.getByRole('region', { name: 'Written by people, and readable then' })).toContainText(first);
  await page.getByRole('button', { name: 'Make others' }).click();
  await expect(made.filter({ hasText: first })).toHaveCount(0);
  await page.getByLabel('Write one').fill('The pelt of a zorb is wet.');
  teacher.expected.add(400);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(teacher.dock().getByRole('alert')).toContainText('“zorb” is in no list');
  await page.getByLabel('Write one').fill('Dean had a peach for tea.');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(teacher.dock().locator('li')).toHaveCount(2);
  await expect(page.getByLabel('Write one')).toHaveValue('');
  await page.getByRole('button', { name: `take out: ${first}` }).click();
  await expect(teacher.dock().locator('li')).toHaveText(['Dean had a peach for tea. take out']);
  await page.getByLabel('List', { exact: true }).selectOption('words');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Words');
});

test('a list is copied, and prints as one page with its name, the group and where it stands', async ({ teacher, page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await teacher.open('Sanderlings');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  await page.getByLabel('List', { exact: true }).selectOption('rhymes');
  await expect(page.locator('main .shared').first()).toBeVisible();
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('button', { name: 'Copied' })).toBeVisible();
  const words = await page.evaluate(() => navigator.clipboard.readText());
  expect(words.split('\n')).toContain((await page.locator('main .list-families .item .visually-hidden').first().textContent()) ?? '');
  await expect(page.locator('.sheet header')).toContainText('Sanderlings');
  await expect(page.locator('.sheet header')).toContainText('rungs taught');
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('a list prints in letters large enough to read, over the whole width of its page', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  // Today has a page for print of its own: it is not that one which is looked at.
  await expect(page.locator('.sheet header')).toContainText('rungs taught');
  await expect(page.locator('.sheet .sheet-item').nth(20)).toBeAttached();
  const drawn = () => page.locator('.sheet').evaluate((x) => Number(getComputedStyle(x).getPropertyValue('--fit')));
  await expect.poll(drawn).toBeGreaterThan(0.8);
  const lines = () =>
    page.locator('.sheet .sheet-item').evaluateAll((all) => new Set(all.slice(0, 6).map((x) => x.getBoundingClientRect().top)).size);
  await expect.poll(lines).toBe(1);
});

test('the Words screen can be used with a keyboard and a screen reader', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Words', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('main .list-form')).toBeVisible();
  await page.locator('main .list-body .item').first().focus();
  await page.keyboard.press('Enter');
  await expect(teacher.dock().locator('.verdict')).toBeVisible();
  const found = await barriers(page);
  expect(found).toEqual([]);
});
