import { doesNotOverflow, expect, signIn, startsFromAFreshDemo, test } from './fox.mjs';
import { signInToTerns } from './places.mjs';

startsFromAFreshDemo();

test('the map of bunts is read by pointer and keys, and a spot runs', async ({ page }) => {
    const team = await signIn(page);
    await page.getByRole('link', { name: 'Bunts', exact: true }).click();
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
    await expect(page).toHaveURL(/view=bunt.*bunt=|bunt=.*view=bunt/);
    await expect(page.locator('[data-play]')).toBeVisible();
    await page.goto(`/${team}/plays/bunt/R2-0`);
    await page.locator('[data-play-map]').click({ position: { x: 200, y: 200 } });
    await expect(page).toHaveURL(/field\/R2-0.*view=bunt/);
});

test('two coverages beside each other, on other ground, with the situation as control', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/plays/bunt/R1R2-0`);
    await page.getByLabel('Beside it').selectOption('wheel');
    await expect(page.locator('[data-play-map]')).toHaveCount(2);
    await page.getByLabel('Ground').selectOption('wet grass');
    await expect(page).toHaveURL(/surface=wet\+grass|surface=wet%20grass/);
    await expect(page.getByRole('heading', { name: 'Where they differ' })).toBeVisible();
    await page.getByLabel('Runners’ legs').selectOption('slow');
    await expect(page).toHaveURL(/runners=slow/);
    await page.keyboard.press('3');
    await expect(page).toHaveURL(/plays\/bunt\/loaded-0/);
});

test('a coverage is copied and changed while the audit looks on, kept, played and taken back', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/plays/bunt/R1-0?coverage=first-stays`);
    await page.getByRole('link', { name: 'Copy and change it' }).click();
    await expect(page.locator('#audit')).toContainText('outs a bunt');
    await page.getByLabel('Name').fill('Short stays');
    await page.getByLabel('Call', { exact: true }).fill('Short');
    await page.getByLabel('When 1 has it, 6').selectOption('cover-second');
    await expect(page.locator('#audit')).toContainText('Two at second');
    await expect(page.locator('#audit')).toContainText('Nobody covers third');
    await page.getByLabel('When 1 has it, 6').selectOption('cover-third');
    await expect(page.locator('#audit')).not.toContainText('Two at second');
    await page.getByRole('button', { name: 'Keep this coverage' }).click();
    await expect(page.locator('.good')).toHaveText('Short stays is kept.');
    await page.getByRole('button', { name: 'Play “Short” here' }).click();
    await expect(page.getByLabel('Coverage')).toContainText('Short stays');
    await expect(page.locator('.call').first()).toContainText('Short');
});

test('on a phone the map fits, and each player reads his own job', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/plays/bunt/R1-0?coverage=corners-crash`);
    await doesNotOverflow(page);
    await page.getByText('5 Ibarra').last().click();
    await expect(page.locator('details[open]')).toContainText('1 has it: Not yours: back to third.');
});

test('a ground ball is hit by a touch, harder by a link, and two are called', async ({ page }) => {
    const team = await signInToTerns(page);
    await page.goto(`/${team}/field/R1-0?view=ground-ball`);
    await page.getByRole('link', { name: /^Hard, / }).click();
    await expect(page).toHaveURL(/ball=-18/);
    const drawing = page.locator('svg.drawing');
    const box = await drawing.boundingBox();
    await drawing.click({ position: { x: box.width * 0.6, y: box.height * 0.62 } });
    await expect(page).not.toHaveURL(/ball=-18/);
    await page.goto(`/${team}/field/R1-0?view=ground-ball&ball=-13,80`);
    await expect(page.locator('.call')).toHaveText('“Two.”');
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.locator('[data-clock-read]')).toContainText('At second');
    await page.getByRole('link', { name: 'Which out you want, and results' }).click();
    await page.getByRole('link', { name: '5–4–3' }).click();
    await expect(page).toHaveURL(/view=ground-ball/);
    await expect(page.locator('.jobs-below')).toContainText('Field it');
});

test('a ball to the outfield is touched, dragged and nudged, and everybody runs', async ({ page }) => {
    const team = await signInToTerns(page);
    await page.goto(`/${team}/field/R1-1?view=outfield&flight=line`);
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
        'field/R1-1?view=outfield&hit=-70,205&flight=line',
        'plays/outfield/R3-1',
        'plays/outfield/R3-1/sheet',
    ]) {
        await page.goto(`/${team}/${path}`);
        await doesNotOverflow(page);
    }
});
