import { doesNotOverflow, expect, signIn, startsFromAFreshDemo, test } from './fox.mjs';
import { signInToTerns } from './places.mjs';

startsFromAFreshDemo();

test('the map of bunts is read by pointer and keys, and a spot runs', async ({ page }) => {
    const team = await signIn(page);
    await page.locator('#place-carried').click();
    await page.getByRole('link', { name: 'Bunts', exact: true }).click();
    await page.getByRole('link', { name: 'All balls', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('“Crash”');
    const map = page.locator('[data-play-map]');
    const read = page.locator('[data-play-read]');
    await map.hover({ position: { x: 346, y: 250 } });
    await expect(read).toContainText(/ft: \d fields, (lead out|out at first|everybody safe)/);
    await map.focus();
    const before = await read.textContent();
    for (let step = 0; step < 6; ++step) await page.keyboard.press('ArrowUp');
    await expect(read).not.toHaveText(before);
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/bunt\?.*bunt=/);
    await expect(page.locator('[data-play]')).toBeVisible();
    await page.goto(`/${team}/situations/R2-0/bunt/all`);
    await page.locator('[data-play-map]').click({ position: { x: 200, y: 200 } });
    await expect(page).toHaveURL(/situations\/R2-0\/bunt\?.*bunt=/);
});

test('two coverages beside each other, on other ground, with the situation as control', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1R2-0/bunt/all`);
    await page.getByLabel('Beside it').selectOption('wheel');
    await expect(page.locator('[data-play-map]')).toHaveCount(2);
    await page.getByLabel('Ground').selectOption('wet grass');
    await expect(page).toHaveURL(/surface=wet\+grass|surface=wet%20grass/);
    await expect(page.getByRole('heading', { name: 'Where they differ' })).toBeVisible();
    await page.getByLabel('Runners’ legs').selectOption('slow');
    await expect(page).toHaveURL(/runners=slow/);
    await page.keyboard.press('3');
    await expect(page).toHaveURL(/situations\/loaded-0\/bunt\/all/);
});

test('a coverage is copied and changed while the audit looks on, kept, played and taken back', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt/coverages?coverage=first-stays`);
    await page.getByRole('link', { name: 'Copy and change it' }).click();
    await expect(page.locator('#audit')).toContainText('Outs a bunt');
    await page.getByLabel('Name').fill('Short stays');
    await page.getByLabel('Call', { exact: true }).fill('Short');
    await page.getByLabel('When 1 fields: 6 Marsh').selectOption('cover-second');
    await expect(page.locator('#audit')).toContainText('Two at second');
    await expect(page.locator('#audit')).toContainText('Nobody covers third');
    await page.getByLabel('When 1 fields: 6 Marsh').selectOption('cover-third');
    await expect(page.locator('#audit')).not.toContainText('Two at second');
    await page.getByRole('button', { name: 'Save this coverage' }).click();
    await expect(page.locator('.good')).toHaveText('Short stays is saved.');
    await page.getByRole('button', { name: 'Play “Short” here' }).click();
    await expect(page.locator('.call').first()).toContainText('Short');
});

test('a coverage is drawn: a ball is chosen, jobs are given by a ring and by a drag, and taken back', async ({
    page,
}) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt/coverage/new?from=corners-crash`);
    const job = (who) => page.locator(`[data-job-of="${who}"]`);
    await page.getByText('3 fields', { exact: true }).first().click();
    await expect(page.locator('[data-job-board]')).toHaveAttribute('data-job-board', '3');
    await expect(job(3)).toHaveAttribute('aria-label', /^3 Lund: Field it/);

    // By two presses: what, and where.
    await job(7).click();
    await page.locator('[data-job-ring]').getByRole('button', { name: 'Cover', exact: true }).click();
    await page.locator('[data-job-ring]').getByRole('button', { name: 'Cover third' }).click();
    const cell = page.getByLabel('When 3 fields: 7 Quist');
    await expect(cell).toHaveValue('cover-third');
    await expect(cell.locator('xpath=..')).toHaveClass(/changed/);
    await expect(job(7), 'drawn again').toHaveAttribute('aria-label', /Cover third/);
    await expect(page.locator('#audit')).toContainText('third');

    // By a press and the bag itself.
    await job(7).click();
    await page.locator('[data-job-ring]').getByRole('button', { name: 'Back up', exact: true }).click();
    await page.locator('[data-bag-target="second"]').click();
    await expect(cell).toHaveValue('back-up-second');
    await expect(job(7)).toHaveAttribute('aria-label', /Back up second/);

    // By a drag onto a bag.
    const from = await job(6).locator('.mark-shape').boundingBox();
    const to = await page.locator('[data-bag-target="third"]').boundingBox();
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2 + 30, to.y + to.height / 2, { steps: 4 });
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 4 });
    await expect(page.locator('[data-bag-target="third"]')).toHaveClass(/aimed/);
    await page.mouse.up();
    await expect(page.getByLabel('When 3 fields: 6 Marsh')).toHaveValue('cover-third');
    await expect(job(6)).toHaveAttribute('aria-label', /Cover third/);

    // Taken back one by one, by keys too.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByLabel('When 3 fields: 6 Marsh')).toHaveValue('cover-second');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(cell).toHaveValue('cover-third');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(cell).toHaveValue('back-up-third');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await expect(job(7)).toHaveAttribute('aria-label', /Back up third/);
    await job(9).focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-job-ring]')).toBeHidden();
});

test('on a phone the map fits, and each player reads his own job', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt/all?coverage=corners-crash`);
    await doesNotOverflow(page);
    await page.goto(`/${team}/situations/R1-0/bunt/coverages?coverage=corners-crash`);
    await doesNotOverflow(page);
    await page.getByText('5 Ibarra').last().click();
    await expect(page.locator('main details[open]')).toContainText('1 fields: Not yours: back to third.');
});

test('a ground ball is hit by a touch, harder by a link, and two are called', async ({ page }) => {
    const team = await signInToTerns(page);
    await page.goto(`/${team}/situations/R1-0/ground-ball`);
    await page.getByRole('link', { name: /^Hard, / }).click();
    await expect(page).toHaveURL(/ball=-18/);
    const drawing = page.locator('svg.drawing');
    const box = await drawing.boundingBox();
    await drawing.click({ position: { x: box.width * 0.6, y: box.height * 0.62 } });
    await expect(page).not.toHaveURL(/ball=-18/);
    await page.goto(`/${team}/situations/R1-0/ground-ball?ball=-13,80`);
    await expect(page.locator('.call')).toHaveText('“Two.”');
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.locator('[data-clock-read]')).toContainText('At second');
    await page.getByRole('link', { name: 'All balls', exact: true }).click();
    await page.getByRole('link', { name: '5–4–3' }).click();
    await expect(page).toHaveURL(/ground-ball\?/);
    await expect(page.locator('.jobs-below')).toContainText('Field it');
});

test('a ball to the outfield is touched, dragged and nudged, and everybody runs', async ({ page }) => {
    const team = await signInToTerns(page);
    await page.goto(`/${team}/situations/R1-1/outfield?flight=line`);
    const drawing = page.locator('svg.drawing');
    const box = await drawing.boundingBox();
    await drawing.click({ position: { x: box.width * 0.36, y: box.height * 0.3 } });
    await expect(page).toHaveURL(/hit=-\d+,\d+/);
    const touched = page.url();
    const mark = page.locator('#ball-mark');
    const from = await mark.boundingBox();
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + 120, from.y + 30, { steps: 5 });
    await page.mouse.up();
    await expect(page).not.toHaveURL(touched);
    const dragged = page.url();
    await page.locator('#ball-mark').focus();
    await page.keyboard.press('ArrowUp');
    await expect(page).not.toHaveURL(dragged);
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.locator('[data-clock-read]')).not.toHaveText('');
    await page.locator('#see-6').click();
    await expect(page.locator('.path-mine')).toBeVisible();
    await expect(page.locator('.jobs-below tbody tr')).toHaveCount(9);
});

test('on a phone the outfield fits', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signInToTerns(page);
    for (const path of [
        'situations/R1-1/outfield?hit=-70,205&flight=line',
        'situations/R3-1/outfield/all',
        'situations/R3-1/outfield/sheet',
    ]) {
        await page.goto(`/${team}/${path}`);
        await doesNotOverflow(page);
    }
});

test('on a phone the call is first, and drawing and time bar are seen under it', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    const bottom = async (locator) => {
        const { y, height } = await locator.boundingBox();
        return y + height;
    };
    for (const view of ['bunt', 'ground-ball', 'outfield', 'pick', 'first-third', 'rundown']) {
        await page.goto(`/${team}/situations/R1R3-0/${view}`);
        expect((await page.locator('.call').boundingBox()).y, view).toBeLessThanOrEqual(170);
        const bar = (await page.locator('.rail').boundingBox()).y;
        expect(await bottom(page.locator('svg.drawing')), view).toBeLessThan(bar);
        expect(await bottom(page.locator('[data-clock-bar]')), view).toBeLessThan(bar);
    }
    await page.goto(`/${team}/situations/R1-0/ground-ball`);
    const pick = page.getByRole('button', { name: 'Ordinary, ' });
    const hard = page.getByRole('link', { name: /^Hard, / });
    await expect(hard).toBeHidden();
    await pick.click();
    await expect(pick).toHaveAttribute('aria-expanded', 'true');
    await hard.click();
    await expect(page).toHaveURL(/ball=/);
    await expect(page.getByRole('button', { name: 'Hard, ' })).toHaveAttribute('aria-expanded', 'false');
    await expect(hard).toBeHidden();
    await doesNotOverflow(page);
});

test('a player reads the plan and cannot change it', async ({ page }) => {
    const team = await signIn(page, 'player');
    await page.goto(`/${team}/situations/R1-0/bunt?coverage=first-stays`);
    await expect(page.locator('.call')).toContainText('Stay');
    await expect(page.getByRole('button', { name: /^Play “/ })).toHaveCount(0);
});
