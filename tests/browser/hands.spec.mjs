// Without dragging, without a mouse, without colour: what everybody can do, on a laptop and on a phone.
import { readFileSync } from 'node:fs';
import { expect, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

test('a fielder is moved by two presses, and put down again by Escape', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0`);
    const four = page.locator('#spot-4');
    await four.click();
    await expect(four).toHaveClass(/picked/);
    await page.keyboard.press('Escape');
    await expect(four).not.toHaveClass(/picked/);
    await four.click();
    const drawing = await page.locator('svg[data-move]').boundingBox();
    await page.mouse.click(drawing.x + drawing.width * 0.58, drawing.y + drawing.height * 0.5);
    await expect(page).toHaveURL(/moved=4(:|%3A)/);
    await expect(
        page
            .getByRole('button', { name: /^Save for/ })
            .or(page.getByText('Undo the move'))
            .first(),
    ).toBeVisible();
});

test('on a phone a station is moved by two presses, and a group is locked', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/practice`);
    await page.locator('tbody a').first().click();
    const station = page.locator('[data-station]').first();
    const before = await station.getAttribute('transform');
    const name = await station.getAttribute('data-station');
    await station.locator('.mark-number').click();
    await expect(station).toHaveClass(/picked/);
    const map = page.locator('svg:has([data-station])');
    const { x, y, width, height } = await map.boundingBox();
    // Where no other station is, which a press would pick up instead.
    const free = await page.evaluate(
        ({ x, y, width, height }) =>
            [0.5, 0.3, 0.7, 0.15, 0.85]
                .flatMap((across) => [0.12, 0.25, 0.4].map((down) => ({ x: width * across, y: height * down })))
                .find((at) => !document.elementFromPoint(x + at.x, y + at.y)?.closest('[data-station], a, button')),
        { x, y, width, height },
    );
    await map.click({ position: free });
    await expect(page.locator(`[data-station="${name}"]`)).not.toHaveAttribute('transform', before);
    const lock = page.getByRole('button', { name: /^Lock: / }).first();
    await lock.click();
    await expect(page.getByRole('button', { name: /^Locked: / })).toHaveCount(1);
    await page.getByRole('button', { name: /^Locked: / }).click();
    await expect(page.getByRole('button', { name: /^Locked: / })).toHaveCount(0);
});

test('the stopwatch starts by a click alone, by Enter and by the space bar, and once each time', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/team/stopwatch`);
    const toggle = page.locator('[data-stopwatch-toggle]');
    const stops = async (press) => {
        await press();
        await expect(toggle).toHaveText('Stop');
        await page.waitForTimeout(120);
        await press();
        await expect(toggle).toHaveText('Start');
        expect(Number(await page.getByLabel('Reading').inputValue())).toBeGreaterThan(0.1);
    };
    // As a voice presses it: no finger, no key.
    await stops(() => toggle.evaluate((button) => button.click()));
    await toggle.focus();
    await stops(() => page.keyboard.press('Enter'));
    await stops(() => page.keyboard.press('Space'));
    await stops(() => toggle.click());
});

test('on a phone the bar leads to every place, and covers nothing that has the focus', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/situations`);
    await page.getByText('More', { exact: true }).click();
    const places = await page.locator('.more-link').allInnerTexts();
    for (const place of ['Team', 'Lineup', 'Stopwatch', 'Week', 'What is needed', 'Drills', 'Find', 'You'])
        expect(places).toContain(place);
    await page.locator('.more-link', { hasText: 'Week' }).click();
    await expect(page).toHaveURL(/\/practice\/week/);
    await page.goto(`/${team}/team`);
    const bar = (await page.locator('.rail').boundingBox()).y;
    for (let press = 0; press < 60; ++press) {
        await page.keyboard.press('Tab');
        const under = await page.evaluate((top) => {
            const one = document.activeElement;
            if (one === document.body || one.closest('.rail')) return null;
            return one.getBoundingClientRect().top > top ? one.outerHTML.slice(0, 80) : null;
        }, bar);
        expect(under).toBeNull();
    }
});

test('on a phone the strip folds to diamond, outs and batter, and stays as it was left', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0?inning=7&score=-1`);
    const strip = page.locator('.strip');
    const folded = (await strip.boundingBox()).height;
    expect(folded).toBeLessThan(844 / 6);
    await expect(strip.getByLabel('Batter')).toBeVisible();
    await expect(strip.getByLabel('Score')).toBeHidden();
    // What is folded counts all the same.
    await strip.getByLabel('Batter').selectOption('slapper');
    await expect(page).toHaveURL(/inning=7.*batter=slapper/);
    await strip.getByRole('button', { name: 'Top 7, down 1, 0–0' }).click();
    await expect(strip.getByLabel('Score')).toBeVisible();
    await page.goto(`/${team}/situations`);
    await expect(page.getByRole('button', { name: 'Fold' })).toHaveAttribute('aria-expanded', 'true');
    await page.getByRole('button', { name: 'Fold' }).click();
    await expect(page.getByLabel('Inning', { exact: true })).toBeHidden();
    await page.setViewportSize({ width: 1280, height: 800 });
    await expect(page.getByLabel('Inning', { exact: true })).toBeVisible();
});

test('with colours of the reader’s own machine bags, outs and what is chosen can be told apart', async ({ page }) => {
    await page.emulateMedia({ forcedColors: 'active' });
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-1`);
    const ground = (selector) =>
        page
            .locator(selector)
            .first()
            .evaluate((one) => getComputedStyle(one).backgroundColor);
    expect(await ground('.diamond-bag[data-occupied] .diamond-mark')).not.toBe(
        await ground('.diamond-bag:not([data-occupied]) .diamond-mark'),
    );
    expect(await ground('.out-taken')).not.toBe(await ground('.out:not(.out-taken)'));
    expect(await ground('.segment[aria-current="true"]')).not.toBe(await ground('.segment:not([aria-current="true"])'));
    expect(
        await page
            .locator('.ground-skin')
            .first()
            .evaluate((one) => getComputedStyle(one).fill),
    ).toBe('rgb(207, 161, 115)');
});

test('the infield from near: larger ground, marks as they were, and so again on the next drawing', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0`);
    const width = (selector) =>
        page
            .locator(selector)
            .first()
            .evaluate((one) => one.getBoundingClientRect().width);
    const before = { mark: await width('#spot-4 .mark-shape'), skin: await width('path.ground-skin') };
    await page.getByRole('button', { name: 'Infield' }).click();
    expect(Math.abs((await width('#spot-4 .mark-shape')) - before.mark)).toBeLessThan(0.6);
    expect((await width('path.ground-skin')) / before.skin).toBeGreaterThan(1.8);
    await page.goto(`/${team}/situations/R2-0`);
    await expect(page.getByRole('button', { name: 'Infield' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Infield' }).click();
    expect(Math.abs((await width('path.ground-skin')) - before.skin)).toBeLessThan(0.6);
});

test('names on a drawing are on no other name', async ({ page }) => {
    const team = await signIn(page);
    for (const path of [
        'field/R1-0',
        'situations/loaded-2/air',
        'situations/R2-0/bunt',
        'runners/R1-0',
        'team/lineup',
        '',
    ]) {
        await page.goto(`/${team}/${path}`);
        const overlaps = await page.evaluate(() => {
            const boxes = [...document.querySelectorAll('svg.drawing .name')]
                .filter((name) => name.textContent.trim())
                .map((name) => [name.textContent.trim(), name.getBoundingClientRect()]);
            return boxes.flatMap(([one, a], index) =>
                boxes
                    .slice(index + 1)
                    .filter(
                        ([, b]) =>
                            Math.min(a.right, b.right) - Math.max(a.left, b.left) > 3 &&
                            Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 5,
                    )
                    .map(([other]) => `${one} and ${other}`),
            );
        });
        expect(overlaps, path).toEqual([]);
    }
});

test('what takes long says so, and what was looked at comes back where it was', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/rules`);
    await page.route('**/situations/rules/*', async (route) => {
        await new Promise((resolve) => setTimeout(resolve, 900));
        await route.continue();
    });
    await page.evaluate(() => scrollTo(0, 500));
    const rule = page.locator('.rule').nth(9);
    await rule.locator('summary').click();
    await rule.getByRole('link', { name: /^Change / }).click();
    await expect(page.locator('html')).toHaveAttribute('data-busy', 'yes');
    await expect(page).toHaveURL(/rules\/.+/);
    await expect(page.locator('html')).not.toHaveAttribute('data-busy', 'yes');
    await page.goBack();
    await expect(page).toHaveURL(/rules$/);
    await expect.poll(() => page.evaluate(() => Math.round(scrollY))).toBeGreaterThan(400);
});

test('a drawing is taken along as a picture that stands for itself', async ({ page, context }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0`);
    await page.locator('.drawing-taking summary').first().click();
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save as SVG' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe(`${team}-situations-R1-0.svg`);
    const svg = readFileSync(await file.path(), 'utf8');
    expect(svg).toMatch(/^<svg[^>]*xmlns="http:\/\/www.w3.org\/2000\/svg"/);
    expect(svg).not.toMatch(/class=|data-|var\(/);
    expect(svg).toContain('Szabo');
    // On a page of its own it looks the same: the skin has its colour.
    await page.setContent(svg);
    expect(await page.locator('path[fill="rgb(207, 161, 115)"]').count()).toBeGreaterThan(0);

    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto(`/${team}/situations/R1-0`);
    await page.locator('.drawing-taking summary').first().click();
    await page.getByRole('button', { name: 'Copy as PNG' }).click();
    await expect(page.locator('.drawing-taking').first()).toContainText('Copied');
    const size = await page.evaluate(async () => {
        const [item] = await navigator.clipboard.read();
        const picture = await createImageBitmap(await item.getType('image/png'));
        return [picture.width, picture.height];
    });
    expect(size[0]).toBeGreaterThan(1300);
});

for (const format of ['A4', 'Letter'])
    test(`the board of 24 is one page of ${format}`, async ({ page }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/situations`);
        const margin = { top: '10mm', bottom: '10mm', left: '10mm', right: '10mm' };
        const pdf = (await page.pdf({ format, margin, tagged: true })).toString('latin1');
        expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
        expect(pdf, 'tagged').toContain('/StructTreeRoot');
    });
