import { readFile } from 'node:fs/promises';
import { expect, test } from './teacher';

test('a word in no list is added from the Ask box, is read at once, and goes out and in as a file', async ({ teacher, page }) => {
  await teacher.open();
  await page.keyboard.press('/');
  await page.keyboard.type('zib');
  const answer = page.getByRole('region', { name: 'Answer' });
  await answer.getByRole('button', { name: 'Add it to our words' }).click();
  teacher.expected.add(400);
  await answer.getByLabel('Each spelling with its sound').fill('z:z i:i');
  await answer.getByRole('button', { name: 'Add the word' }).click();
  await expect(answer.locator('.invalid-feedback')).toContainText('does not fit');
  await answer.getByLabel('Each spelling with its sound').fill('z:z i:i b:b');
  await answer.getByLabel('A sentence that gives').fill('Zib is our class rabbit.');
  await answer.getByRole('button', { name: 'Add the word' }).click();
  await expect(answer).toContainText('Zib is our class rabbit.');
  await expect(answer.getByRole('button', { name: 'Add it to our words' })).toHaveCount(0);
  await page.keyboard.press('Escape');

  await teacher.openLadder();
  await expect(teacher.dock()).toContainText('zib added');
  const download = page.waitForEvent('download');
  await teacher.dock().getByRole('link', { name: 'Download as CSV' }).click();
  const csv = await readFile((await (await download).path()) ?? '', 'utf8');
  expect(csv).toContain('zib,z:z i:i b:b,4 to 5,Zib is our class rabbit.');

  await teacher.dock().getByLabel('Take in a CSV file').setInputFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(`${csv}zob,z:z o:o,,,\r\n`) });
  await expect(teacher.dock().locator('.form-problem')).toContainText('Line 3');
  await teacher.dock().getByLabel('Take in a CSV file').setInputFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(`${csv}zob,z:z o:o b:b,,,\r\n`) });
  await expect(teacher.dock()).toContainText('zob added');
  await teacher.dock().getByRole('button', { name: 'take out zib' }).click();
  await expect(teacher.dock()).not.toContainText('zib added');
});

test('a long list shows its beginning and all of it when asked', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  const words = page.locator('.list-body button');
  await expect(page.getByRole('button', { name: 'Show all' })).toBeVisible();
  const few = await words.count();
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect.poll(() => words.count()).toBeGreaterThan(few);
});
