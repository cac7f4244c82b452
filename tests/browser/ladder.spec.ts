import { barriers } from './barriers';
import { expect, test } from './teacher';

test('the ladder shows each rung with what it adds, what it unlocks and its target words', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Saltmarsh Row ladder');
  await expect.poll(() => page.locator('.rung-row:not(.rung-head)').count()).toBeGreaterThanOrEqual(70);
  await expect(page.locator('.line-row')).toHaveCount(1);
  await page.locator('[data-rung="sh-sh"]').click();
  await expect(teacher.dock().locator('.word-list').first()).toContainText('ship');
  await expect(teacher.dock()).toContainText('words unlocked');
});

test('a rung moves by key, by button and by number; figures follow and undo takes it back by name', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  const row = page.locator('[data-rung="sh-sh"]');
  await row.click();
  const number = row.locator('span').first();
  await expect(row).toHaveAttribute('aria-current', 'true');
  const start = Number(await number.textContent());
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.locator('.rung-row.chosen > span').first()).toHaveText(String(start + 1));
  await teacher.dock().getByRole('button', { name: '↓ down' }).click();
  await expect(page.locator('.rung-row.chosen > span').first()).toHaveText(String(start));
  const words = await page.locator('.rung-row.chosen .number').textContent();
  await teacher.dock().getByLabel('Move to rung number').fill('5');
  await teacher.dock().getByRole('button', { name: 'move', exact: true }).click();
  await expect(page.locator('.rung-row.chosen > span').first()).toHaveText('5');
  await expect(page.locator('.rung-row.chosen .number')).not.toHaveText(words ?? '');
  await expect(page.getByRole('button', { name: /^Let lessons follow the/ })).toBeVisible();
  for (const name of [`moved rung ${start}`, `moved rung ${start + 1}`, `moved rung ${start}`]) {
    await page.getByRole('button', { name: `Undo: ${name}` }).click();
    await teacher.saved();
  }
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
  await expect(page.locator('.rung-row.chosen > span').first()).toHaveText(String(start));
});

test('nobody types a spelling with its sound: letters offer their sounds and a word its parts, by keys alone', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  await page.locator('[data-rung="sh-sh"]').click();
  await teacher.dock().getByRole('button', { name: 'edit' }).click();
  const picker = page.getByRole('combobox', { name: 'Spellings with their sounds' });
  await picker.fill('ow');
  await expect(page.locator('.offered').getByRole('option')).toContainText([/everyday words/, /ow as in cow/]);
  await picker.press('ArrowDown');
  await picker.press('Enter');
  await expect(page.locator('.picked li')).toHaveText([/sh/, /ow.*as in cow/]);
  await picker.fill('snow');
  await expect(page.locator('.offered').getByRole('option').filter({ hasText: 'ow as in' })).toHaveCount(1);
  await expect(page.locator('.offered').getByRole('option')).toHaveCount(3);
  await picker.fill('-ing');
  await expect(page.locator('.offered').getByRole('option').first()).toContainText('-ing');
  await picker.press('Escape');
  await expect(picker).toHaveValue('');
  await picker.press('Backspace');
  await expect(page.locator('.picked li')).toHaveCount(1);
});

test('a rime unit, a cluster and what longer words end in are picked by their letters, never written as the data has them', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  await page.locator('[data-rung="sh-sh"]').click();
  await teacher.dock().getByRole('button', { name: 'add above' }).click();
  const picker = page.getByRole('combobox', { name: /^Rime units, ends of longer words/ });
  await picker.fill('all');
  await page.getByRole('option', { name: /^all as in/ }).click();
  await picker.fill('st');
  await page.getByRole('option', { name: /^st together as in/ }).first().click();
  await picker.fill('tion');
  await page.getByRole('option', { name: /^-tion as in station/ }).click();
  await page.getByRole('button', { name: 'Add the rung' }).click();
  await expect(page.locator('[data-rung^="rung-"]')).toContainText('all, st, -tion');
});

test('a rung of marks has its day: children put sentences right, and no sentence had the mark before', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  await page.locator('[data-rung="ow-ow"]').click();
  await teacher.dock().getByRole('button', { name: 'add above' }).click();
  await page.getByText('Capitals and punctuation marks').click();
  await page.getByLabel('question mark').check();
  await page.getByRole('button', { name: 'All the capitals' }).click();
  await expect(page.getByRole('button', { name: 'Capital Q' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'None of the capitals' }).click();
  await page.getByRole('button', { name: 'Add the rung' }).click();
  await expect(page.locator('[data-rung^="rung-"]')).toContainText('question mark');
  await page.getByRole('button', { name: /^Let lessons follow the/ }).click();
  await teacher.dock().getByRole('button', { name: 'Let lessons follow', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Let lessons follow the/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.locator('.point')).toHaveText('This mark says: somebody asks, and waits for an answer.');
  await expect(page.locator('.meet-letters')).toHaveText('?');
  const mend = page.locator('.block').filter({ hasText: 'Put it right' });
  await expect(mend.locator('.item')).toHaveCount(6);
  await expect(mend.locator('.plain-word').filter({ hasText: '?' })).toHaveCount(0);
  await expect(mend.locator('.item').filter({ hasText: '?' }).first()).toBeVisible();
});

test('a rung is added, edited and removed, and a wrong one says which field', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  await expect(page.locator('.total')).toContainText('128 rungs');
  await page.locator('[data-rung="sh-sh"]').click();
  await teacher.dock().getByRole('button', { name: 'add above' }).click();
  teacher.expected.add(400);
  await page.getByRole('button', { name: 'Add the rung' }).click();
  await expect(page.locator('.form-problem')).toContainText('a spelling with its sound');
  const picker = page.getByRole('combobox', { name: 'Spellings with their sounds' });
  await picker.fill('oe');
  await expect(page.locator('.offered').getByRole('option').first()).toContainText('oe as in');
  await picker.press('Enter');
  await expect(page.locator('.picked')).toContainText('oe as in');
  await page.getByRole('button', { name: 'Add the rung' }).click();
  await expect(page.locator('[data-rung]')).toHaveCount(129);
  await page.locator('[data-rung^="rung-"]').click();
  await teacher.dock().getByRole('button', { name: 'edit' }).click();
  await page.getByLabel('Keyword').fill('toe');
  await page.getByRole('button', { name: 'Save the rung' }).click();
  await expect(page.getByRole('button', { name: /^Undo: changed rung/ })).toBeVisible();
  await teacher.dock().getByRole('button', { name: 'remove' }).click();
  await expect(page.locator('[data-rung]')).toHaveCount(128);
});

test('a school writes the point of a rung in its own words, and takes it back', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  const ours = (await page.locator('.point').textContent()) ?? '';
  const write = async (point: string) => {
    await teacher.openLadder();
    await page.locator('[data-rung="ea-ee"]').click();
    await teacher.dock().getByRole('button', { name: 'edit' }).click();
    await page.getByLabel(/^The point/).fill(point);
    await page.getByRole('button', { name: 'Save the rung' }).click();
    await page.getByRole('button', { name: /^Let lessons follow the/ }).click();
    await teacher.dock().getByRole('button', { name: 'Let lessons follow', exact: true }).click();
    await expect(page.getByRole('button', { name: /^Let lessons follow the/ })).toHaveCount(0);
    await page.getByRole('link', { name: 'Today', exact: true }).click();
  };
  await write('e and a sit by the sea.');
  await expect(page.locator('.point')).toHaveText('e and a sit by the sea.');
  await write('');
  await expect(page.locator('.point')).toHaveText(ours);
});

test('a school changes what needs what with the picker, and the ladder tells by its list', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  const dock = teacher.dock();
  const list = dock.getByRole('region', { name: 'What needs what' });
  await expect(dock).not.toContainText('needs sh');
  await list.getByRole('button', { name: /What needs what/ }).click();
  await expect(list).toContainText('tch needs ch');
  await expect(list).toContainText('ea as in break needs ai as in rain');
  await list.getByLabel('What', { exact: true }).fill('m');
  await list.getByRole('option').first().click();
  await list.getByLabel('needs', { exact: true }).fill('sh');
  await list.getByRole('option').first().click();
  await list.getByRole('button', { name: 'Add to the list' }).click();
  await expect(list).toContainText('your own list');
  await expect(dock).toContainText('needs sh, on rung');
  await list.getByRole('button', { name: 'Take out: m needs sh' }).click();
  await expect(dock).not.toContainText('needs sh, on rung');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a rung moved after it was taught stays taught', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  const line = await page.locator('.taught-line').first().textContent();
  await page.locator('.rung-row.passed').first().click();
  await expect(page.locator('.rung-row.chosen')).toHaveCount(1);
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.getByRole('button', { name: /^Undo: moved rung/ })).toBeVisible();
  await expect(page.locator('.rung-row.chosen .date')).toHaveText('taught');
  expect(Number(line)).toBeGreaterThan(1);
});

test('keys pressed faster than they are saved are all kept', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  const row = page.locator('[data-rung="sh-sh"]');
  await row.click();
  await expect(row).toHaveAttribute('aria-current', 'true');
  const start = Number(await row.locator('span').first().textContent());
  for (let i = 0; i < 3; i++) await page.keyboard.press('Alt+ArrowUp');
  await expect(row.locator('span').first()).toHaveText(String(start + 3));
  for (let i = 0; i < 5; i++) await page.keyboard.press('Control+z');
  await expect(row.locator('span').first()).toHaveText(String(start));
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(teacher.words('read').nth(1)).toBeVisible();
  const before = await teacher.texts('read');
  await teacher.words('read').nth(1).click();
  await page.keyboard.press('s');
  await page.keyboard.press('s');
  await page.keyboard.press('x');
  await page.keyboard.press('x');
  await expect.poll(() => teacher.texts('read')).toHaveLength(before.length - 1);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('the strip names its rungs, opens them, and has its line on every screen', async ({ teacher, page }) => {
  await teacher.open();
  await expect(page.locator('.taught-line')).toHaveText('27');
  await page.locator('.strip-rung[tabindex="0"]').focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('tooltip')).toContainText('28');
  await page.keyboard.press('Enter');
  await expect(teacher.dock()).toContainText('Rung 28');
  await expect(page.locator('.taught-line')).toHaveText('27');
});

test('as if we were here is plain all over the screen, and one press leads back', async ({ teacher, page }) => {
  await teacher.open();
  await teacher.openLadder();
  await page.locator('[data-rung="ee-ee"]').click();
  await teacher.dock().getByRole('button', { name: 'as if we were here' }).click();
  await expect(page.locator('.as-if')).toContainText('As if we were at rung');
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.locator('.saved')).toHaveText('Not kept');
  await expect(page.locator('.outcomes')).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to today' }).click();
  await expect(page.locator('.as-if')).toHaveCount(0);
  await expect(page.locator('.taught-line')).toHaveText('27');
});

test('the Ask box says readable or not, each blocker, its rung and the date', async ({ teacher, page }) => {
  await teacher.open();
  await page.keyboard.press('/');
  await page.keyboard.type('sock');
  await expect(page.locator('.answer .verdict')).toHaveText('Readable today.');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('snail');
  await expect(page.locator('.answer .blockers li')).toHaveCount(2);
  await expect(page.locator('.answer .blockers li').first()).toHaveText(/^ai:ai comes on rung \d+, \d+ \w+$/);
  await page.keyboard.press('Control+a');
  await page.keyboard.type('blorp');
  await expect(page.locator('.answer .verdict')).toContainText('guess');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('the cat sees');
  await expect(page.locator('.short-answer')).toHaveCount(3);
  await page.keyboard.press('Escape');
  await expect(page.locator('.answer')).toHaveCount(0);
});

test('a corrected split changes the verdict for this school and leaves the other alone', async ({ teacher, page }) => {
  await teacher.open();
  teacher.expected.add(400);
  const word = teacher.words('read').first();
  const text = (await word.locator('.visually-hidden').textContent()) ?? '';
  await word.click();
  await teacher.dock().getByRole('button', { name: 'Correct the split' }).click();
  const field = page.getByLabel('Each spelling with its sound, in order');
  const split = await field.inputValue();
  await field.fill('b:b');
  await page.getByRole('button', { name: 'Save the split' }).click();
  await expect(teacher.dock()).toContainText('does not fit the word');
  await field.fill(split.replace(/(i|e|a|o|u):\w+/, '$1:igh'));
  await page.getByRole('button', { name: 'Save the split' }).click();
  await page.keyboard.press('/');
  await page.keyboard.type(text);
  await expect(page.locator('.answer .verdict')).toHaveText('Not yet.');
  await expect(page.locator('.answer .blockers')).toContainText(':igh');
  await page.keyboard.press('Escape');
  await teacher.openSchool('Juniper Flat School');
  await page.keyboard.press('/');
  await page.keyboard.type(text);
  await expect(page.locator('.answer .word')).toBeVisible();
  await expect(page.locator('.answer')).not.toContainText(':igh');
});

test('a second person is told, sees what stands now, and loses nothing', async ({ teacher, page, context }) => {
  await teacher.open();
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.locator('.part')).toHaveCount(4);
  await teacher.words('read').first().click();
  await page.keyboard.press('x');
  await expect(page.getByRole('button', { name: /^Undo: dropped/ })).toBeVisible();
  await other.locator('.block.read .item').nth(2).click();
  await other.keyboard.press('x');
  await expect(other.getByRole('alert')).toContainText('changed somewhere else');
  await expect.poll(async () => (await other.locator('.block.read .item').count()) - (await teacher.words('read').count())).toBe(0);
});

test('both screens can be used without seeing colour and with a screen reader', async ({ teacher, page }) => {
  await teacher.open();
  for (const screen of ['today', 'ladder']) {
    if (screen === 'ladder') await teacher.openLadder();
    const found = await barriers(page);
    expect(found, screen).toEqual([]);
  }
});

test('an address that leads nowhere says so and leads back', async ({ teacher, page }) => {
  teacher.expected.add(404);
  await page.goto('/00000000-0000-7000-8000-000000000000');
  await expect(page.getByRole('alert')).toContainText('no such school');
  await page.getByRole('link').click();
  await expect(page).toHaveURL(/\/(today|set-up\/ladder|start)$/);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});
