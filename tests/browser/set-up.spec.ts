import type { Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, SALTMARSH_ROW, test } from './teacher';

/** Counts what the person presses: buttons, links, fields, and choices in lists. */
async function countPresses(page: Page) {
  await page.addInitScript(() => {
    const count = () => sessionStorage.setItem('presses', String(Number(sessionStorage.getItem('presses') ?? 0) + 1));
    addEventListener('click', (x) => x.isTrusted && count(), true);
    addEventListener('change', (x) => x.target instanceof HTMLSelectElement && count(), true);
  });
}

const presses = (page: Page) => page.evaluate(() => Number(sessionStorage.getItem('presses') ?? 0));

async function newSchool(page: Page, name: string) {
  await page.goto('/start');
  await page.getByLabel('The school’s name').fill(name);
  await page.getByRole('button', { name: 'Make the school' }).click();
  await expect(page.getByRole('button', { name: 'Choose a file' })).toBeVisible();
}

async function keepPasted(page: Page, cells: string) {
  await page.getByLabel('Or paste its cells').fill(cells);
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  await page.getByRole('button', { name: 'Keep this ladder' }).click();
  await page.getByRole('button', { name: 'Go on to the groups' }).click();
}

async function firstLessonOf(page: Page, group: string) {
  await page.getByRole('button', { name: 'Add the group' }).click();
  await page.getByRole('button', { name: 'Go on to the year' }).click();
  await page.getByRole('button', { name: 'These are our terms' }).click();
  await page.getByRole('button', { name: 'These are our ways' }).click();
  await page.getByRole('link', { name: `Open the lesson of ${group}` }).click();
}

async function bring(page: Page) {
  await page.getByLabel('A file with the order').setInputFiles('order.xlsx');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Fern Bank order');
}

test('with a spreadsheet at hand a newcomer has a lesson of their own in a few presses', async ({ teacher, page }) => {
  const began = Date.now();
  await countPresses(page);
  await page.goto('/start');
  await page.getByLabel('The school’s name').click();
  await page.keyboard.type('Fern Bank School');
  await page.getByRole('button', { name: 'Make the school' }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (await chooser).setFiles('order.xlsx');
  await expect(page.getByText('2 things are asked first.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep this ladder' })).toBeDisabled();
  await page.locator('.doubt', { hasText: 'ow' }).first().getByRole('button', { name: 'as in cow' }).click();
  await expect(page.getByText('One thing is asked first.')).toBeVisible();
  await page.locator('.doubt', { hasText: 'er' }).first().getByRole('button').first().click();
  await page.getByRole('button', { name: 'Keep this ladder' }).click();
  await page.getByRole('button', { name: 'Go on to the groups' }).click();
  await page.getByLabel('What it is called').click();
  await page.keyboard.type('Goldfinches');
  await page.getByLabel('Taught so far').selectOption({ label: 'up to 8: e' });
  await page.getByRole('button', { name: 'Add the group' }).click();
  await page.getByRole('button', { name: 'Go on to the year' }).click();
  await page.getByRole('button', { name: 'These are our terms' }).click();
  await page.getByRole('button', { name: 'These are our ways' }).click();
  await page.getByRole('link', { name: 'Open the lesson of Goldfinches' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Goldfinches');
  await expect(page.locator('.block.meet')).toContainText('d');
  await expect(teacher.words('read').first()).toBeVisible();
  await expect.poll(() => presses(page)).toBeLessThanOrEqual(30);
  expect(Date.now() - began).toBeLessThan(5 * 60_000);
});

test('each rung stands beside the cell it came from, and what became no rung is told', async ({ page }) => {
  await newSchool(page, 'Alder Row School');
  await bring(page);
  await expect(page.locator('.import-rungs tbody tr', { hasText: 'B4' }).first()).toContainText(/m.*as in/);
  await expect(page.locator('.section-row')).toHaveText(['Autumn 1', 'Autumn 2', 'Spring 1']);
  await page.locator('.left-out summary').click();
  await expect(page.locator('.left-out li', { hasText: 'Half term' })).toContainText('no school');
  await page.locator('.sheet-columns summary').click();
  await page.getByLabel('Tricky words').selectOption('leftOut');
  await expect(page.locator('.left-out li', { hasText: 'the, to' })).toContainText('its column is left out');
});

test('nothing is kept until it is accepted, and it is taken back at one press', async ({ page }) => {
  await newSchool(page, 'Rowan Gate School');
  await page.getByLabel('Or paste its cells').fill('d\no\nt\nn\nthe, to\nsh (ship)');
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  await expect(page.getByText('Nothing is left to ask')).toBeVisible();
  await page.getByRole('button', { name: 'Choose another' }).click();
  await expect(page.locator('.path li').nth(1)).toContainText('none yet');
  await page.getByLabel('Or paste its cells').fill('d\no\nt\nn\nthe, to\nsh (ship)');
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  await page.getByRole('button', { name: 'Keep this ladder' }).click();
  await expect(page.locator('.path li').nth(1)).toContainText('one');
  await page.getByRole('button', { name: /^Undo: brought in/ }).click();
  await expect(page.locator('.path li').nth(1)).toContainText('none yet');
});

test('what the order would leave untaught is said before it is kept', async ({ page }) => {
  await newSchool(page, 'Whin Row School');
  const letters = 'o n d i m t e g u s a p h c r k l b j f v w y z sh';
  await page.getByLabel('Or paste its cells').fill(`${letters.split(' ').join('\n')}\nthe, to, I`);
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  const notice = page.locator('.import-notice');
  await expect(notice).toContainText(/Sentences and stories wait for .*\bis\b.*, which nothing here teaches/);
  await expect(notice).toContainText(/Words wait for .* as in /);
});

test('a plan that begins after the letters is read from its first day', async ({ teacher, page }) => {
  await newSchool(page, 'Larch Lane School');
  await page.getByLabel('Or paste its cells').fill('Week\tSounds\n1\tai, ay\n2\tee, ea\n3\toa, oi\n4\tar, or');
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  const known = page.getByLabel('Children know these before it begins');
  const first = page.locator('.import-rungs tbody tr').filter({ hasText: 'rain' }).first();
  await expect(known).toBeChecked();
  await expect(first).toContainText(/\d\d words/);
  await known.uncheck();
  await expect(first).not.toContainText('words');
  await known.check();
  await expect(first).toContainText(/\d\d words/);
  await page.getByRole('button', { name: 'Keep this ladder' }).click();
  await page.getByRole('button', { name: 'Go on to the groups' }).click();
  await expect(page.getByText('what children know before your order begins')).toBeVisible();
  await page.getByLabel('What it is called').fill('Dippers');
  await firstLessonOf(page, 'Dippers');
  await expect(page.locator('.block.meet')).toContainText('ai');
  await expect(teacher.words('read').first()).toContainText('ai');
});

test('a group that has been taught nothing begins with a baseline by ear, and the taught line lies under all rungs', async ({ page }) => {
  await newSchool(page, 'Birch Gate School');
  await keepPasted(page, 'Week\tSounds\n1\tBaseline\n2\to, t, n\n3\ti, d, a\n4\tassess');
  await page.getByLabel('What it is called').fill('Wrens');
  await firstLessonOf(page, 'Wrens');
  await expect(page.locator('.block.listening .ask')).toContainText('at the start?');
  await expect(page.locator('.block.told')).toBeVisible();
  const [line, first] = [page.locator('.strip .taught-line'), page.locator('.strip-rung').last()];
  await expect
    .poll(async () => {
      const [under, rung] = [await line.boundingBox(), await first.boundingBox()];
      return under !== null && rung !== null && under.y >= rung.y + rung.height - 1 && under.y + under.height <= 800;
    })
    .toBe(true);
});

test('letters that an order leaves out are known only if its lead says so', async ({ page }) => {
  await newSchool(page, 'Rowan Lane School');
  await page.getByLabel('Or paste its cells').fill('Week\tSounds\n1\ti, d\n2\to, g\n3\ta, n\n4\tsh, ch\n5\tai, ee');
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  const known = page.getByLabel('Children know these before it begins');
  const rain = page.locator('.import-rungs tbody tr').filter({ hasText: 'rain' }).first();
  await expect(known).not.toBeChecked();
  await expect(page.locator('.import-before')).toContainText('leaves these out');
  await expect(rain).toContainText(/\d words?/);
  await expect(rain).not.toContainText(/\d\d words/);
  await known.check();
  await expect(rain).toContainText(/\d\d words/);
});

test('a column under a name of the school’s own is asked about, and one answer settles all of it', async ({ page }) => {
  await newSchool(page, 'Elder Rise School');
  const sheet = 'Wk\tGraphemes\tSpotlight\n1\tm, o, d\tI\n2\tn, i, t\tthe\n3\tsh, ch\twas, you\n4\tee, ai\tsaid, they';
  await page.getByLabel('Or paste its cells').fill(sheet);
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  await expect(page.getByText('One thing is asked first.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep this ladder' })).toBeDisabled();
  const asked = page.locator('.doubt', { hasText: 'What does the column Spotlight hold?' });
  await expect(asked).toContainText('I · the · was, you');
  await asked.getByRole('button', { name: 'notes' }).click();
  await expect(page.getByText('Nothing is left to ask')).toBeVisible();
  await expect(page.locator('.import-rungs')).not.toContainText('tricky word');
  await asked.getByRole('button', { name: 'tricky words' }).click();
  await expect(page.locator('.import-rungs')).toContainText(/tricky words\s*said/);
  await page.getByRole('button', { name: 'Keep this ladder' }).click();

  // The layout is known when it is met again.
  await page.getByRole('button', { name: /^Undo: brought in/ }).click();
  await page.getByLabel('Or paste its cells').fill(sheet);
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  await expect(page.getByText('Nothing is left to ask')).toBeVisible();
});

test('a table is pasted with its joined cells', async ({ page }) => {
  await newSchool(page, 'Hazel End School');
  await page.getByLabel('Or paste its cells').evaluate((field) => {
    const data = new DataTransfer();
    data.setData('text/html', '<table><tr><td colspan=2>Autumn</td></tr><tr><td>sh</td><td>ship</td></tr><tr><td>ch</td><td>chin</td></tr><tr><td><s>zz</s></td><td>buzz</td></tr></table>');
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  });
  await expect(page.locator('.section-row')).toHaveText(['Autumn']);
  await expect(page.locator('.import-rungs .letters')).toHaveText(['sh', 'ch']);
  await page.locator('.left-out summary').click();
  await expect(page.locator('.left-out li', { hasText: 'A4' })).toContainText('struck through');
});

test('an order brought in again takes the place of a draft, is undone by name, and what was taught stays', async ({ teacher, page }) => {
  await teacher.open('Avocets');
  await page.getByRole('link', { name: 'Set-up' }).click();
  await page.locator('.path').getByRole('link', { name: 'The ladder' }).click();
  await page.getByLabel('Or paste its cells').fill('o\nn\nt\ni\nd\nthe, to\nsh (ship)');
  await page.getByRole('button', { name: 'Read what I typed' }).click();
  await page.getByLabel('Keep it as').selectOption({ label: 'in place of the draft of Saltmarsh Row ladder' });
  await page.getByRole('button', { name: 'Put it in its place' }).click();
  await expect(page.locator('.just-kept')).toContainText('Lessons follow it when you let them');
  await page.getByRole('link', { name: 'Look it through' }).click();
  await expect(page.locator('.total')).toContainText('7 rungs');
  await expect(page.locator('.rung-row.passed').first()).toContainText('taught');
  await expect(page.getByRole('button', { name: /^Let lessons follow the/ })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(page.locator('.total')).toContainText('128 rungs');
});

test('a file that is no sheet is told, and another can be chosen', async ({ teacher, page }) => {
  teacher.expected.add(400);
  await newSchool(page, 'Birch Yard School');
  await page.getByLabel('A file with the order').setInputFiles({ name: 'plan.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.7 x') });
  await expect(page.getByRole('alert')).toContainText('This is a PDF');
  await page.getByRole('button', { name: 'Choose again' }).click();
  await expect(page.getByRole('button', { name: 'Choose a file' })).toBeVisible();
});

test('a sheet with dates says how far a group has come', async ({ page }) => {
  await newSchool(page, 'Poplar Hill School');
  const dates = 'Date\tSound\n2026-11-16\ts\n2026-11-17\ta\n2026-11-18\tt\n2026-11-24\tp\n2026-11-25\ti';
  await keepPasted(page, dates);
  await page.getByLabel('What it is called').fill('Dippers');
  await expect(page.getByText('by the dates in your sheet')).toBeVisible();
  await page.getByRole('button', { name: 'Add the group' }).click();
  await expect(page.locator('.groups')).toContainText('3 of 5 rungs');
});

test('a class in the middle of a week of its sheet goes on with it', async ({ page }) => {
  await newSchool(page, 'Alder Brook School');
  await keepPasted(page, 'w/c\tSounds\n2 Nov\to, n\n9 Nov\td, t\n16 Nov\ta, m\n23 Nov\tg, p');
  await page.getByLabel('What it is called').fill('Redstarts');
  await expect(page.getByText('begun: g (1 of 2 days)')).toBeVisible();
  await firstLessonOf(page, 'Redstarts');
  // A second day goes deeper: g is found again among others, and not formed once more.
  await expect(page.locator('.block.spot')).toBeVisible();
  await expect(page.locator('.block.meet')).toContainText('g');
});

test('a group is ticked rung by rung, renamed, put away and brought back', async ({ page }) => {
  await newSchool(page, 'Maple Court School');
  await keepPasted(page, 'd\no\nt\nn');
  await page.getByLabel('What it is called').fill('Larks');
  await page.getByRole('button', { name: 'It was taught in another order' }).click();
  await page.getByLabel('t', { exact: true }).check();
  await page.getByRole('button', { name: 'Add the group' }).click();
  await expect(page.locator('.groups')).toContainText('1 of 4 rungs');
  await page.getByRole('button', { name: 'Change' }).click();
  await page.getByLabel('The group’s name').fill('Skylarks');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.locator('.group-line')).toContainText('Skylarks');
  await page.getByRole('button', { name: 'Put Skylarks away' }).click();
  await expect(page.getByRole('heading', { name: 'Put away' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.locator('.group-line')).toContainText('Skylarks');
});

test('a school teaches in its own ways and words: on the lesson, on paper and in its lists', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Set-up' }).click();
  await page.locator('.path').getByRole('link', { name: 'How we teach' }).click();
  await expect(page.locator('.way-effect')).toContainText('changes no everyday word');
  await page.getByLabel('are taught one by one').check();
  await expect(page.locator('.way-effect')).toContainText(/For Avocets today: .*fewer|changes no everyday word/);
  await page.getByRole('button', { name: 'Back to the usual' }).first().click();
  await page.getByLabel('letter names', { exact: true }).check();
  await page.getByLabel('A word taught before its parts are').fill('odd word');
  await page.getByLabel('Saying the sounds of a word in turn').fill('tap out');
  await page.getByRole('button', { name: 'Save our ways' }).click();
  await page.getByRole('link', { name: /Open the lesson of Curlews/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Curlews');
  await expect(page.locator('.block.trickyAtSight h3')).toContainText('Odd words, at sight');
  await expect(page.locator('.block.spell h3')).toContainText('naming each letter');
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.sheet')).toContainText('Children tap out each word');
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Ladder', exact: true }).click();
  await expect(page.locator('.rung-row').first()).toBeVisible();
});

test('a school without an order starts from one of ours, seen before it is taken', async ({ page }) => {
  await newSchool(page, 'Heath End School');
  const starters = page.locator('.starter');
  await expect(starters).toHaveCount(3);
  await expect(starters.first().locator('.word-list')).toContainText(/[a-z]+ [a-z]+/);
  await expect(starters.nth(2)).toContainText('none thin by place');
  await starters.nth(1).getByRole('button', { name: 'Start from this' }).click();
  await expect(page.locator('.just-kept')).toContainText('Letters by the hand is kept');
  await page.getByRole('button', { name: 'Undo: brought in Letters by the hand' }).click();
  await expect(starters).toHaveCount(3);
});

test('a ladder that no group is taught by is worked at by itself', async ({ teacher, page }) => {
  await teacher.open('Curlews');
  await page.getByRole('link', { name: 'Set-up' }).click();
  await page.goto(page.url().replace(/set-up.*$/, 'set-up/ladder'));
  await page.evaluate(async () => {
    const school = location.pathname.split('/')[1] ?? '';
    await fetch(`/api/schools/${school}/starters`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ idea: 'wordsFirst' }),
    });
  });
  await page.reload();
  await page.getByRole('listitem').filter({ hasText: 'no group is taught by it' }).getByRole('link', { name: 'Open the ladder' }).click();
  await page.locator('[data-rung="sh-sh"]').click();
  await expect(teacher.dock().getByRole('heading', { level: 2 }).first()).toHaveText('sh');
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.getByRole('button', { name: /Undo: moved rung/ })).toBeVisible();
  await expect(teacher.dock().getByRole('button', { name: /as if/i })).toHaveCount(0);
});

test('a school draws its own marks under words, and sees them before it takes them', async ({ teacher, page }) => {
  await teacher.open('Sanderlings');
  await page.getByRole('link', { name: 'Set-up' }).click();
  await page.locator('.path').getByRole('link', { name: 'How we teach' }).click();
  await page.getByLabel('one letter', { exact: true }).selectOption('dot');
  await page.getByLabel('an ending', { exact: true }).selectOption('box');
  await expect(page.locator('.mark-preview .mark-dot').first()).toBeVisible();
  await expect(page.locator('.mark-preview .mark-box').first()).toHaveText('ing');
  await page.getByRole('button', { name: 'Save our ways' }).click();
  await page.getByRole('link', { name: /Open the lesson of Sanderlings/ }).click();
  await teacher.words('read').first().click();
  await expect(teacher.dock().locator('.dock-word .mark-dot').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.sheet .mark-dot').first()).toBeVisible();
});

test('a group has a pace and a week of its own', async ({ teacher, page }) => {
  await teacher.open('Avocets');
  await page.getByRole('link', { name: 'Groups' }).click();
  const ways = page.getByRole('listitem').filter({ hasText: 'Avocets' }).getByRole('button', { name: 'Their ways' });
  await ways.click();
  await page.getByLabel('Days a new rung takes').selectOption('2');
  await page.getByLabel('fri', { exact: true }).check();
  const answer = page.waitForResponse((x) => x.request().method() === 'PUT');
  await page.getByRole('button', { name: 'Save their ways' }).click();
  await answer;
  // What was saved stays open, as it is now, and is there after a reload.
  await expect(page.getByRole('button', { name: 'Back to the usual' })).toHaveCount(2);
  await page.reload();
  await ways.click();
  await expect(page.getByRole('button', { name: 'Back to the usual' })).toHaveCount(2);
});

test('a school is erased when its name is written, and only then', async ({ teacher, page }) => {
  teacher.expected.add(400);
  await newSchool(page, 'Thorn Field School');
  await page.getByRole('link', { name: 'Set-up' }).click();
  await page.getByRole('button', { name: 'Erase this school' }).click();
  await page.getByRole('button', { name: 'Erase it for good' }).click();
  await expect(page.getByRole('alert')).toContainText('Write the school’s name'.replace('’', "'"));
  await page.getByLabel('The school’s name, to erase it').fill('Thorn Field School');
  await page.getByRole('button', { name: 'Erase it for good' }).click();
  await expect(page).toHaveURL(/\/start$/);
  await expect(page.getByRole('link', { name: 'Thorn Field School' })).toHaveCount(0);
});

test('a lesson takes the shape that the school gives it: dragged, timed, taken out, seen before it is saved', async ({ teacher, page }) => {
  test.slow();
  await teacher.open();
  await expect(page.locator('.block.riddles')).toBeVisible();
  await page.getByRole('link', { name: 'Set-up' }).click();
  await page.locator('.path').getByRole('link', { name: 'Lesson shapes' }).click();
  const trial = page.getByLabel('Tried on a lesson');
  await expect(trial).toContainText('Riddles');
  await page.getByRole('button', { name: 'Take out Riddles' }).click();
  await expect(trial).not.toContainText('Riddles');
  await page.getByRole('button', { name: 'Spot it' }).click();
  await expect(trial).toContainText('Spot it');
  await page.getByLabel(/^Minutes for Spell/).fill('12');
  await expect(trial).toContainText('too long');
  await page.getByLabel(/^Minutes for Spell/).fill('4');
  await expect(trial).not.toContainText('too long');
  const revisit = page.getByRole('region', { name: 'Revisit' }).locator('li b');
  await page.getByRole('heading', { level: 1 }).scrollIntoViewIfNeeded();
  await page.locator('[data-slot=readAgain]').dragTo(page.locator('[data-slot=cards]'));
  await expect(revisit.first()).toHaveText('Read again, faster');
  await page.getByRole('button', { name: 'Tricky words, at sight earlier' }).press('Alt+ArrowUp');
  await expect(revisit.nth(2)).toHaveText('Tricky words, at sight');
  await page.getByRole('button', { name: 'Save this shape' }).click();
  await expect(page.getByLabel('Kind of lesson')).toContainText('New learning (yours)');

  await teacher.open();
  await expect(page.locator('.part.revisit .block').first()).toHaveClass(/readAgain/);
  await expect(page.locator('.block.riddles')).toHaveCount(0);
  await expect(page.locator('.block.grid .item')).toHaveCount(14);
  await expect(page.locator('.block.grid .ask')).toContainText('Clap for w');

  await page.goto(`${SALTMARSH_ROW}/set-up/shape`);
  await page.getByRole('button', { name: 'Back to the usual' }).click();
  await expect(page.getByLabel('Kind of lesson')).not.toContainText('yours');
  await teacher.open();
  await expect(page.locator('.block.riddles')).toBeVisible();
});

test('one group has a lesson shape of its own, and the school keeps its own', async ({ teacher, page }) => {
  await page.goto(`${SALTMARSH_ROW}/set-up/shape`);
  await page.getByLabel('Whose lessons').selectOption('in Curlews only');
  await page.getByRole('button', { name: 'Take out Riddles' }).click();
  await expect(page.getByLabel('Tried on a lesson')).toContainText('Curlews');
  await page.getByRole('button', { name: 'Save this shape' }).click();
  await expect(page.getByLabel('Kind of lesson')).toContainText('the group’s own');
  await page.getByLabel('Whose lessons').selectOption('in the whole school');
  await expect(page.getByRole('button', { name: 'Take out Riddles' })).toBeVisible();
  await teacher.open('Curlews');
  await expect(page.locator('.block.riddles')).toHaveCount(0);
  await teacher.open('Avocets');
  await expect(page.locator('.block.riddles')).toBeVisible();
});

for (const scheme of ['light', 'dark'] as const) {
  test(`in the ${scheme} each step of Set-up can be used with a screen reader and a low contrast eye`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme });
    await page.goto('/start');
    await expect(page.getByRole('button', { name: 'Make the school' })).toBeVisible();
    const found = await barriers(page);
    await newSchool(page, `Axe School ${scheme}`);
    await bring(page);
    found.push(...(await barriers(page)));
    for (const step of ['The school', 'The groups', 'The year', 'How we teach', 'Lesson shapes', 'The first lesson']) {
      await page.locator('.path').getByRole('link', { name: step }).click();
      await expect(page.locator('.path [aria-current=step]')).toContainText(step);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      found.push(...(await barriers(page)));
    }
    expect(found).toEqual([]);
  });
}

for (const [name, width, height] of [['a tablet', 820, 1180], ['a small laptop', 1100, 700]] as const) {
  test(`on ${name} Set-up needs no scrolling sideways`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await newSchool(page, `Wide School ${width}`);
    await bring(page);
    for (const step of ['The ladder', 'The school', 'The groups', 'The year', 'How we teach', 'Lesson shapes', 'The first lesson']) {
      if (step !== 'The ladder') await page.locator('.path').getByRole('link', { name: step }).click();
      await expect(page.locator('.path [aria-current=step]')).toContainText(step);
      const [wide, inner] = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
      expect(wide, step).toBeLessThanOrEqual(inner ?? 0);
    }
  });
}
