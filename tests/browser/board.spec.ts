import type { Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, test } from './teacher';

const board = (page: Page) => page.locator('.board-shown');
const where = (page: Page) => page.locator('.board-foot > span').first();

/** On to the first thing of a piece. */
async function onto(page: Page, piece: string | RegExp) {
  for (let i = 0; i < 20; i++) {
    if (await where(page).filter({ hasText: piece }).count()) return;
    const before = await where(page).innerText();
    await page.keyboard.press('ArrowDown');
    await expect(where(page)).not.toHaveText(before);
  }
}

test('the board begins with the point, shows one thing at a time, and nothing before its time', async ({ teacher, page }) => {
  test.slow();
  await teacher.open('Curlews');
  const point = await page.locator('.point').innerText();
  const words = await teacher.texts('read');
  const spelt = await teacher.texts('spell');
  await page.getByRole('link', { name: 'On the board' }).click();
  await expect(board(page)).toContainText(point);

  // Unmarked at first; the space bar puts the marks under it, and takes them off.
  await onto(page, 'Practise: Read');
  await expect(board(page)).toContainText(words[0] ?? '');
  await expect(board(page).locator('.marked')).toHaveCount(0);
  await page.keyboard.press(' ');
  await expect(board(page).locator('.marked')).toHaveCount(1);
  await page.keyboard.press('ArrowRight');
  await expect(board(page).locator('.marked')).toHaveCount(0);
  await expect(page.locator('.board-pips .was')).toHaveCount(1);
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('.board-pips .was')).toHaveCount(0);

  // A word to write is hidden, and comes one grapheme at a time.
  await onto(page, 'Practise: Spell');
  const hidden = spelt[0] ?? '';
  await expect(page.getByLabel('Hidden')).toBeVisible();
  await expect(board(page)).not.toContainText(/[a-z]/);
  await page.keyboard.press(' ');
  await expect(board(page)).toContainText(hidden[0] ?? '');
  await expect(page.getByLabel('Hidden')).toBeVisible();
  for (let i = 0; i < 8 && (await page.getByLabel('Hidden').count()) > 0; i++) await page.keyboard.press(' ');
  await expect(page.getByLabel(hidden, { exact: true })).toBeVisible();

  // What is dictated is a line for each word until it is shown.
  await onto(page, 'Hear it, write it');
  await expect(page.getByLabel('Hidden')).toBeVisible();
  await expect(board(page)).not.toContainText(/[a-z]/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Curlews');
});

test('cards are mixed on the board, and none is lost', async ({ teacher, page }) => {
  await teacher.open();
  await page.getByRole('link', { name: 'On the board' }).click();
  await onto(page, 'Cards');
  const all = async () => {
    const seen: string[] = [];
    const count = await page.locator('.board-pips i').count();
    for (let i = 0; i < count; i++) {
      await expect(page.locator('.board-pips .was')).toHaveCount(i);
      seen.push(await board(page).innerText());
      await page.keyboard.press('ArrowRight');
    }
    await page.keyboard.press('ArrowUp');
    await onto(page, 'Cards');
    return seen;
  };
  const before = await all();
  await expect(page.locator('.board-pips .was')).toHaveCount(0);
  await page.keyboard.press('m');
  const after = await all();
  expect([...after].sort()).toEqual([...before].sort());
});

for (const [name, width, height] of [['a poor projector', 1024, 768], ['a laptop', 1280, 800], ['a tablet', 820, 1180]] as const) {
  test(`on ${name} everything of a lesson fits the board, and can be read by everybody`, async ({ teacher, page }) => {
    test.slow();
    await page.setViewportSize({ width, height });
    await teacher.open('Sanderlings');
    await page.getByRole('link', { name: 'On the board' }).click();
    const forms = new Map<string, string[]>();
    for (let i = 0; i < 160 && (await page.getByRole('button', { name: 'Next', exact: true }).isEnabled()); i++) {
      const piece = await where(page).innerText();
      const [wide, high] = await board(page).evaluate((x) => [x.scrollWidth - x.clientWidth, x.scrollHeight - x.clientHeight]);
      expect([wide, high], `${piece}: ${await board(page).innerText()}`).toEqual([0, 0]);
      if (!forms.has(piece)) {
        forms.set(piece, await barriers(page));
      }
      await page.keyboard.press('ArrowRight');
    }
    expect([...forms].filter(([, wrong]) => wrong.length > 0)).toEqual([]);
    expect(forms.size).toBeGreaterThan(8);
  });
}

test('a word finds its picture on the board, and its picture keeps it', async ({ teacher, page }) => {
  await teacher.open();
  await page.goto(`${new URL(page.url()).pathname}?asIf=h-h`);
  const words = await teacher.texts('matchPicture');
  await page.getByRole('link', { name: 'On the board' }).click();
  await onto(page, 'Practise: Word and picture');
  await expect(board(page).locator('img')).toHaveCount(4);
  await expect(board(page).locator('.board-pictures')).not.toContainText(/[a-z]/);
  await page.keyboard.press(' ');
  await expect(board(page).locator('.board-pictures')).toContainText(words[0] ?? '');
  await page.keyboard.press('ArrowRight');
  await expect(board(page).locator('.board-pictures')).toContainText(words[0] ?? '');
  await expect(board(page).locator('.board-word')).toContainText(words[1] ?? '');
  const wrong = await barriers(page);
  expect(wrong).toEqual([]);
});

test('while there is hardly a word to read, pictures stand on the board without their words', async ({ teacher, page }) => {
  await teacher.open();
  await page.goto(`${page.url().split('?')[0]}?asIf=g-g`);
  await expect(page.locator('.findPicture img')).toHaveCount(8);
  await expect(page.locator('.firstLetter .listening-word').first()).toContainText(/[a-z]/);
  await page.getByRole('link', { name: 'On the board' }).click();
  await onto(page, 'children find the picture');
  await expect(board(page).locator('img')).toHaveCount(8);
  await expect(board(page)).not.toContainText(/[a-z]/);

  // One picture at a time, and only the letter that its word begins with.
  await onto(page, 'What does it begin with?');
  await expect(board(page).locator('img')).toHaveCount(1);
  await expect(board(page)).not.toContainText(/[a-z]/);
  await page.keyboard.press(' ');
  await expect(board(page)).toHaveText(/^\s*[a-z]\s*$/);
  const wrong = await barriers(page);
  expect(wrong).toEqual([]);
});

test('a story that is told is never seen: the board has what children do when they hear the sound', async ({ teacher, page }) => {
  await teacher.open();
  await page.goto(`${page.url().split('?')[0]}?asIf=m-m`);
  await expect(page.locator('.tellStory .story')).toContainText('Mina the mouse made a map of the moon.');
  await expect(page.getByText('paper and crayons, whiteboards and pens.', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'On the board' }).click();
  await onto(page, 'A story to listen to');
  await expect(board(page)).toContainText('whenever they hear m');
  await expect(board(page)).not.toContainText('Mina');
  const wrong = await barriers(page);
  expect(wrong).toEqual([]);
});
