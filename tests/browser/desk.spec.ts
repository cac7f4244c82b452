import { barriers } from './barriers';
import { expect, test } from './teacher';

test('a rung is dragged, and what would change stands beside it while it moves', async ({ teacher, page }) => {
  await teacher.open('Sanderlings');
  await teacher.openLadder();
  const row = page.locator('[data-rung="igh-igh"]');
  const to = page.locator('[data-rung="oa-oa"]');
  await row.scrollIntoViewIfNeeded();
  const [from, over] = [await row.boundingBox(), await to.boundingBox()];
  if (!from || !over) throw new Error('the rungs are not on screen');
  const asked = page.waitForResponse((x) => x.url().includes('/consequences'));
  await page.mouse.move(from.x + 300, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 300, from.y + 40);
  await asked;
  await page.mouse.move(over.x + 300, over.y + over.height - 8, { steps: 5 });
  await expect(teacher.dock()).toContainText('put at');
  await expect(teacher.dock()).toContainText('everyday words sooner');
  await expect(teacher.dock()).toContainText(/right|night/);
  await expect(page.locator('.drop-line')).toBeVisible();
  await page.mouse.up();
  const undo = page.getByRole('button', { name: /^Undo: moved rung/ });
  await expect(undo).toBeVisible();
  const after = Number(await row.locator('span').first().textContent());
  expect(after).toBe(Number(await to.locator('span').first().textContent()) - 1);
  await undo.click();
  const redo = page.getByRole('button', { name: /^Redo: moved rung/ });
  await expect(redo).toBeVisible();
  await page.keyboard.press('Control+y');
  await expect(row.locator('span').first()).toHaveText(String(after));
  await page.keyboard.press('Control+z');
  await expect(redo).toBeVisible();
});

test('a rung is carried by keys alone, and left where it was by Escape', async ({ teacher, page }) => {
  await teacher.open('Sanderlings');
  await teacher.openLadder();
  const row = page.locator('[data-rung="ch-ch"]');
  await row.click();
  await expect(row).toHaveAttribute('aria-current', 'true');
  const start = Number(await row.locator('span').first().textContent());
  await page.keyboard.press('m');
  await expect(teacher.dock()).toContainText('put at');
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowUp');
  await expect(teacher.dock()).toContainText('later');
  await expect(teacher.dock()).toContainText('no longer too close');
  await page.keyboard.press('Escape');
  await expect(teacher.dock()).toContainText(`Rung ${start}`);
  await page.keyboard.press('m');
  await expect(teacher.dock()).toContainText('put at');
  await page.keyboard.press('End');
  await expect(teacher.dock()).toContainText('rung 1');
  await expect(teacher.dock()).toContainText('before what it needs');
  await page.keyboard.press('Enter');
  await expect(row.locator('span').first()).toHaveText('1');
  await page.getByRole('button', { name: /^Undo: moved rung/ }).click();
  await expect(row.locator('span').first()).toHaveText(String(start));
});

test('several rungs are chosen, cut, pasted, duplicated and removed together', async ({ teacher, page }) => {
  await teacher.open('Sanderlings');
  await teacher.openLadder();
  const rows = page.locator('.rung-row:not(.rung-head)');
  const count = await rows.count();
  await page.locator('[data-rung="sh-sh"]').click();
  await expect(page.locator('[data-rung="sh-sh"]')).toHaveAttribute('aria-current', 'true');
  await page.locator('[data-rung="ng-ng"]').click({ modifiers: ['Shift'] });
  await expect(page.locator('.rung-row.picked')).toHaveCount(4);
  await page.locator('[data-rung="they-all-she"]').click({ modifiers: ['Control'] });
  await expect(page.locator('.rung-row.picked')).toHaveCount(3);
  await page.keyboard.press('Control+x');
  await page.keyboard.press('Escape');
  const to = page.locator('[data-rung="oa-oa"]');
  await to.click();
  await expect(to).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('Control+v');
  await expect(page.getByRole('button', { name: 'Undo: moved 3 rungs' })).toBeVisible();
  const at = Number(await to.locator('span').first().textContent());
  await expect(page.locator('[data-rung="sh-sh"] > span').first()).toHaveText(String(at + 1));
  await page.getByRole('button', { name: 'Undo: moved 3 rungs' }).click();
  await teacher.saved();
  await teacher.dock().getByRole('button', { name: 'duplicate' }).click();
  await expect(rows).toHaveCount(count + 1);
  await page.getByRole('button', { name: /^Undo: added oa/ }).click();
  await expect(rows).toHaveCount(count);
});

test('a lead asks the ladder, and each answer opens to its words', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  await page.getByRole('button', { name: 'Which rungs are thin' }).click();
  await expect(page.locator('.answer-list')).toContainText('None is thin by place');
  await page.getByRole('button', { name: 'Which rung would open most' }).click();
  const first = page.locator('.answer-list details').first();
  await first.locator('summary').click();
  await expect(first.locator('.word-list')).not.toBeEmpty();
  await page.locator('[data-rung="sh-sh"]').click();
  await teacher.dock().getByRole('button', { name: 'What waits for this rung alone?' }).click();
  // The count is that of the words it opens to.
  const waiting = page.locator('.answer-list details');
  await waiting.locator('summary').click();
  await expect(waiting.locator('.word-list')).toContainText('ship');
  await expect
    .poll(async () => {
      const words = (await waiting.locator('.word-list').innerText()).split(/\s+/).length;
      return (await waiting.locator('summary').innerText()).includes(`${words} words`);
    })
    .toBe(true);
  await page.locator('[data-rung="sh-sh"]').click();
  await page.getByRole('button', { name: /come late for the sentences/ }).click();
  await expect(page.locator('.answer-list')).toContainText('sentences could be read from about');

  // A word that sentences wait for and nothing teaches goes to the rung that is named, and is asked for no more.
  await page.getByRole('button', { name: /words do sentences need/ }).click();
  const teach = page.locator('.answer-list').getByRole('button', { name: /^Teach \w+ at rung \d+$/ }).first();
  const [, word] = /^Teach (\w+) at/.exec((await teach.getAttribute('aria-label')) ?? '') ?? [];
  await teach.click();
  await teacher.saved();
  await expect(page.locator('.answer-list').getByRole('button', { name: new RegExp(`^Teach ${word} at`) })).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: / }).click();
  await teacher.saved();

  // So does a spelling, as a rung of its own.
  await page.getByRole('button', { name: /spellings do words need/ }).click();
  const rung = page.locator('.answer-list').getByRole('button', { name: /^Teach .+ after rung \d+$/ }).first();
  const rungs = await page.locator('.rung-row').count();
  await rung.click();
  await teacher.saved();
  await expect(page.locator('.rung-row')).toHaveCount(rungs + 1);
  await page.getByRole('button', { name: /^Undo: added / }).click();
  await teacher.saved();
  await page.getByLabel('A word or a text').fill('The goat had a coat');
  await page.getByRole('button', { name: 'Ask', exact: true }).click();
  await expect(page.locator('.answer-list')).toContainText(/From rung \d+, oa/);
  await page.getByLabel('What would differ').selectOption({ label: 'Northern English' });
  await expect(page.locator('.answer-list')).toContainText('read at another rung in Northern English');
});

test('a better order is looked for while the lead watches, and is taken move by move', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  await page.getByRole('button', { name: 'Look for a better order' }).click();
  const dock = teacher.dock();
  await dock.getByLabel('Ask something of the order').selectOption({ label: 'One before another' });
  await dock.getByLabel('First').selectOption('tch-ch');
  await dock.getByLabel('Then').selectOption('ch-ch');
  await dock.getByRole('button', { name: 'Add', exact: true }).click();
  await dock.getByRole('button', { name: 'Look for one' }).click();
  await expect(dock.getByRole('alert')).toContainText('These can’t all be kept: tch before ch; and tch needs ch.');
  await dock.getByRole('button', { name: 'Stop' }).click();
  // What was asked is kept with the ladder.
  await page.reload();
  await page.getByRole('button', { name: 'Look for a better order' }).click();
  await dock.getByRole('button', { name: 'Take out: tch before ch' }).click();
  await dock.getByRole('button', { name: /Look/ }).click();
  await expect(dock.getByRole('row', { name: /Two spellings/ }).locator('b')).not.toHaveText('9');
  await dock.getByRole('button', { name: 'Stop' }).click();
  const moves = dock.locator('.suggested-moves li');
  await expect(moves.first()).toContainText('→');
  const all = dock.getByRole('button', { name: /Take all \d+ moves/ });
  const before = (await all.textContent()) ?? '';
  await moves.first().getByRole('button').click();
  await expect(all).not.toHaveText(before);
  await expect(page.getByRole('button', { name: /Undo: moved rung/ })).toBeVisible();
  await all.click();
  await expect(dock).toContainText('The ladder stands in this order.');
  await page.getByRole('button', { name: /Undo: took the suggested order/ }).click();
  await expect(all).toBeVisible();
});

test('the search for a better order can be used with a screen reader, in the dark and on a tablet', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  await page.getByRole('button', { name: 'Look for a better order' }).click();
  const dock = teacher.dock();
  await dock.getByLabel('Ask something of the order').selectOption({ label: 'Two kept apart' });
  await dock.getByRole('button', { name: 'Look for one' }).click();
  await expect(dock.getByRole('row', { name: /Thin by place/ })).toBeVisible();
  await dock.getByRole('button', { name: 'Stop' }).click();
  await expect(dock.getByRole('button', { name: 'Look again' })).toBeVisible();
  for (const scheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    const found = await barriers(page);
    expect(found).toEqual([]);
  }
  await page.setViewportSize({ width: 820, height: 1180 });
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});

test('the ladder prints as one page for the wall', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  // What is on the page when it is printed is kept, since the page goes again afterwards.
  await page.evaluate(() => {
    window.print = () => {
      document.body.dataset.printed = String(document.querySelectorAll('.wall rect').length);
    };
  });
  await expect(page.locator('.total')).toContainText('128 rungs');
  await page.getByRole('button', { name: 'Print for the wall' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', '128');
});

test('what lessons would follow is shown before it is followed, and an earlier ladder can be gone back to', async ({ teacher, page }) => {
  await teacher.open('Sanderlings');
  await teacher.openLadder();
  const row = page.locator('[data-rung="igh-igh"]');
  await row.click();
  await expect(row).toHaveAttribute('aria-current', 'true');
  const start = await row.locator('span').first().textContent();
  await page.keyboard.press('Alt+ArrowUp');
  await page.keyboard.press('Alt+ArrowUp');
  await page.getByRole('button', { name: /^Let lessons follow the change/ }).click();
  await expect(teacher.dock()).toContainText(`from rung ${start ?? ''}`);
  await expect(teacher.dock()).toContainText('Avocets');
  await expect(teacher.dock()).toContainText('What a group was taught stays as it is');
  let release = () => {};
  const held = new Promise<void>((done) => (release = done));
  await page.route('**/publish', async (route) => {
    await held;
    await route.continue();
  });
  await teacher.dock().getByRole('button', { name: 'Let lessons follow', exact: true }).click();
  // Whoever has gone on meanwhile keeps what they opened.
  await row.click();
  await page.getByRole('button', { name: 'What lessons followed before' }).click();
  release();
  await expect(teacher.dock()).toContainText('followed now');
  await teacher.saved();
  await teacher.dock().getByRole('button', { name: 'Go back to it' }).last().click();
  await expect(page.getByRole('button', { name: /^Undo: went back/ })).toBeVisible();
  await expect(row.locator('span').first()).toHaveText(start ?? '');
  await teacher.dock().getByRole('button', { name: 'Let lessons follow', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Let lessons follow the/ })).toHaveCount(0);
});

test('a hand quicker than the answer puts the rung down, and what was asked of the move is asked no more', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await teacher.openLadder();
  await page.route('**/consequences?*', async (route) => {
    await new Promise((done) => setTimeout(done, 3000));
    await route.continue().catch(() => undefined);
  });
  const given = page.waitForEvent('requestfailed', (x) => x.url().includes('/consequences'));
  const head = page.locator('.rung-section h2', { hasText: 'Flats' });
  await head.scrollIntoViewIfNeeded();
  await head.dragTo(page.getByRole('region', { name: 'Marsh' }).locator('.rung-row').last());
  await expect(page.locator('.rung-section h2 button')).toHaveText(['Sea', 'Channel', 'Creek', 'Flats', 'Marsh', 'Shore']);
  expect((await given).failure()?.errorText).toBe('net::ERR_ABORTED');
});

test('a section is moved by hand and by keys, renamed, begun and joined, each undone by name', async ({ teacher, page }) => {
  test.slow();
  await teacher.open('Curlews');
  await teacher.openLadder();
  const names = page.locator('.rung-section h2 button');
  const dock = teacher.dock();
  const usual = ['Sea', 'Channel', 'Creek', 'Marsh', 'Flats', 'Shore'];
  await expect(names).toHaveText(usual);
  await page.getByRole('button', { name: 'Creek', exact: true }).click();
  await expect(dock).toContainText('Section 4 of 6');
  await dock.getByRole('button', { name: 'earlier' }).click();
  await expect(names).toHaveText(['Sea', 'Channel', 'Marsh', 'Creek', 'Flats', 'Shore']);
  await page.getByRole('button', { name: 'Undo: moved section Creek' }).click();
  await expect(names).toHaveText(usual);

  // Held by keys it goes from place to place between the others, and what would change stands beside it.
  await page.keyboard.press('m');
  await expect(dock).toContainText('put at');
  await page.keyboard.press('ArrowUp');
  await expect(dock).toContainText('everyday words later');
  await page.keyboard.press('Enter');
  await expect(names).toHaveText(['Sea', 'Creek', 'Channel', 'Marsh', 'Flats', 'Shore']);
  await page.getByRole('button', { name: 'Undo: moved section Creek' }).click();
  await expect(names).toHaveText(usual);

  // Carried over a rung of the one that is taught after it, it goes past that one.
  const head = page.locator('.rung-section h2', { hasText: 'Flats' });
  await head.scrollIntoViewIfNeeded();
  await head.dragTo(page.getByRole('region', { name: 'Marsh' }).locator('.rung-row').last());
  await expect(names).toHaveText(['Sea', 'Channel', 'Creek', 'Flats', 'Marsh', 'Shore']);
  await page.getByRole('button', { name: 'Undo: moved section Flats' }).click();
  await expect(names).toHaveText(usual);

  await dock.getByLabel('Name', { exact: true }).fill('Long creek');
  await dock.getByLabel('Most syllables').selectOption('3');
  await dock.getByRole('button', { name: 'Save the section' }).click();
  await expect(names.nth(2)).toHaveText('Long creek');
  await expect(page.locator('.rung-section h2').nth(2)).toContainText('3 syllables');
  await page.getByRole('button', { name: 'Undo: changed section Creek' }).click();
  await expect(names).toHaveText(usual);

  await page.locator('[data-rung="igh-igh"]').click();
  await dock.getByRole('button', { name: 'begin a section here' }).click();
  await expect(names).toHaveCount(7);
  await page.getByRole('button', { name: 'New section', exact: true }).click();
  await dock.getByRole('button', { name: /^Join it to/ }).click();
  await expect(names).toHaveText(usual);
  await dock.getByLabel('The ladder’s name').fill('Our ladder');
  await dock.getByRole('button', { name: 'Rename it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Our ladder');
});
