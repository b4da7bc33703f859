import { expect, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

const place = async (page, actor) =>
    (await page.locator(`[data-actor="${actor}"]`).getAttribute('transform')).match(/-?[\d.]+/g).map(Number);

test('bags and outs by mouse and by keys, kept in the address', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/none-0`);
    await page.getByRole('link', { name: 'First: empty, put a runner on' }).click();
    await expect(page).toHaveURL(/situations\/R1-0/);
    await page.keyboard.press('3');
    await expect(page).toHaveURL(/situations\/R1R3-0/);
    await page.keyboard.press('o');
    await expect(page).toHaveURL(/situations\/R1R3-1/);
    await page.keyboard.press('1');
    await expect(page).toHaveURL(/situations\/R3-1/);
    await expect(page.locator('.strip')).toContainText('Third');
    await page.getByLabel('Batter').selectOption('slapper');
    await expect(page).toHaveURL(/batter=slapper/);
    await page.getByLabel('Score').selectOption('-2');
    await expect(page).toHaveURL(/score=-2/);
    await expect(page.getByLabel('Batter')).toHaveValue('slapper');

    const address = page.url();
    await page.goBack();
    await expect(page).not.toHaveURL(address);
    await page.goForward();
    await expect(page.getByLabel('Score')).toHaveValue('-2');
    await page.getByLabel('Score').focus();
    await page.keyboard.press('o');
    await expect(page, 'keys belong to the field that is typed in').toHaveURL(address);
});

test('the play runs, steps and is dragged along the computed keyframes', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt`);
    const bar = page.getByLabel('Time of the play');
    const sent = await page.locator('[data-play]').getAttribute('data-play');
    const play = JSON.parse(sent);
    const end = (actor) => play.tracks[actor][play.tracks[actor].length - 1].slice(1);

    await bar.fill('0');
    for (const actor of ['1', '6', '9', 'R1', 'ball'])
        expect(await place(page, actor)).toEqual(play.tracks[actor][0].slice(1));
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(bar).toHaveAttribute('aria-valuetext', /Fielded, 5/);
    const fielded = play.events[1].t;
    expect(Number(await bar.inputValue())).toBeCloseTo(fielded, 1);
    await page.keyboard.press('.');
    await expect(bar).toHaveAttribute('aria-valuetext', /Released/);
    await page.keyboard.press(',');
    await expect(bar).toHaveAttribute('aria-valuetext', /Fielded, 5/);
    await bar.fill(String(play.length));
    for (const actor of ['4', '6', 'R1', 'ball']) {
        const [x, y] = await place(page, actor);
        expect(x).toBeCloseTo(end(actor)[0], 1);
        expect(y).toBeCloseTo(end(actor)[1], 1);
    }

    await bar.fill('0.3');
    const [from, to] = play.tracks.ball.reduce(
        ([a, b], frame) => (frame[0] <= 0.3 ? [frame, b] : [a, b ?? frame]),
        [null, null],
    );
    const share = (0.3 - from[0]) / (to[0] - from[0]);
    expect((await place(page, 'ball'))[0]).toBeCloseTo(from[1] + share * (to[1] - from[1]), 1);

    await page.getByRole('button', { name: 'Half speed' }).click();
    await expect(page.getByRole('button', { name: 'Half speed' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Play', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
    await expect.poll(async () => Number(await bar.inputValue())).toBeGreaterThan(0.6);
    await page.getByRole('button', { name: 'Pause' }).click();
    const stopped = await bar.inputValue();
    await page.waitForTimeout(200);
    expect(await bar.inputValue()).toBe(stopped);

    await page.getByRole('link', { name: 'First line' }).click();
    await expect(page).toHaveURL(/bunt=40,30/);
    await page.goBack();
    await expect(page).not.toHaveURL(/bunt=40/);
    // The address is back before the page is.
    await expect(page.locator('[data-play]')).toHaveAttribute('data-play', sent);
    await page.getByLabel('Time of the play').fill('0');
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.getByLabel('Time of the play'), 'the clock runs after going back').toHaveAttribute(
        'aria-valuetext',
        /Fielded, 5/,
    );
});

test('bar and words always say the same time, however busy the machine is', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt`);
    const busy = await page.context().newCDPSession(page);
    await busy.send('Emulation.setCPUThrottlingRate', { rate: 6 });
    const bar = page.getByLabel('Time of the play');
    const fielded = JSON.parse(await page.locator('[data-play]').getAttribute('data-play')).events[1].t.toFixed(2);
    for (let round = 0; round < 5; ++round) {
        await bar.fill('0.2');
        await page.getByRole('button', { name: 'Play', exact: true }).click();
        await expect.poll(async () => Number(await bar.inputValue())).toBeGreaterThan(0.3);
        await bar.fill('0');
        await page.getByRole('button', { name: 'Next' }).click();
        await page.waitForTimeout(120);
        const shown = await bar.evaluate((input) => [
            Number(input.value).toFixed(2),
            input.getAttribute('aria-valuetext').split(' ')[0],
            document.querySelector('[data-clock-read]').textContent.split(' ')[0],
        ]);
        expect(shown).toEqual([fielded, fielded, fielded]);
        await expect(page.getByRole('button', { name: 'Play', exact: true }), 'nothing runs').toBeVisible();
    }
});

test('a browser that puts the bar elsewhere is not believed', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt`);
    await page.getByLabel('Time of the play').fill('0.4');
    await page.goto(`/${team}/team`);
    await page.goBack();
    await expect(page.locator('[data-clock-read]')).not.toBeEmpty();
    const [bar, words] = await page
        .getByLabel('Time of the play')
        .evaluate((input) => [Number(input.value).toFixed(2), input.getAttribute('aria-valuetext').split(' ')[0]]);
    expect(bar).toBe(words);
});

test.describe('with a page that is slower than the finger', () => {
    // A step that overtakes another takes its request back.
    test.use({ expectedErrors: 'htmx:(sendAbort|afterRequest)' });

    test('fast fingers: three bags and two outs at 80 ms', async ({ page }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/situations/none-0?inning=7&score=-1`);
        for (const key of '123oo') {
            await page.keyboard.press(key);
            await page.waitForTimeout(80);
        }
        await expect(page.locator('.out-taken'), 'seen at once').toHaveCount(2);
        await expect(page).toHaveURL(/situations\/loaded-2\?/);
        await expect(page.locator('[data-situation]')).toHaveAttribute('data-situation', 'loaded-2');
        await page.keyboard.press('2');
        await page.keyboard.press('2');
        await page.waitForTimeout(400);
        await expect(page, 'there and back is where one was').toHaveURL(/situations\/loaded-2\?/);

        await page.goto(`/${team}/team`);
        await page.locator('#place-carried').click();
        await expect(page, 'it stays over pages that have none').toHaveURL(
            /situations\/loaded-2\?.*inning=7.*score=-1/,
        );
    });

    test('a held arrow moves every step and leaves no trail in the history', async ({ page }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/situations/none-0`);
        const spot = page.locator('#spot-4');
        const place = async () => Number((await spot.getAttribute('transform')).match(/-?[\d.]+/)[0]);
        const [from, pace, history] = [
            await place(),
            Number(await spot.getAttribute('data-pace')),
            await page.evaluate(() => history.length),
        ];
        await spot.focus();
        for (let step = 0; step < 14; ++step) {
            await page.keyboard.down('ArrowRight');
            // Longer than a page takes now and then.
            await page.waitForTimeout(step === 6 ? 420 : 40);
        }
        await page.keyboard.up('ArrowRight');
        await expect(page).toHaveURL(/moved=4/);
        await expect.poll(place).toBeCloseTo(from + (14 * pace) / 2, 0);
        await expect(spot).toBeFocused();
        expect(await page.evaluate(() => history.length)).toBe(history);
    });
});

test('with reduced motion the play goes event by event', async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt`);
    const bar = page.getByLabel('Time of the play');
    await bar.fill('0');
    await page.getByRole('button', { name: 'Play', exact: true }).click();
    await expect(bar).toHaveAttribute('aria-valuetext', /Fielded/);
    await expect(page.getByRole('button', { name: 'Play', exact: true })).toBeVisible();
});

test('touching the ground bunts there', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0/bunt`);
    const drawing = page.locator('svg[data-ground]');
    const target = await drawing.evaluate((svg) => {
        const point = new DOMPoint(22, -30).matrixTransform(svg.getScreenCTM());
        return { x: point.x, y: point.y };
    });
    await page.mouse.click(target.x, target.y);
    await expect(page).toHaveURL(/bunt=36,37/);
    await expect(page.locator('tbody tr', { hasText: 'Lund' })).toContainText('Field it');
});

test('one coach decides, the other is told instead of overwriting', async ({ page, browser, baseURL }) => {
    const team = await signIn(page);
    const other = await (await browser.newContext({ baseURL })).newPage();
    await signIn(other, 'assistant');
    const look = `/${team}/situations/R1-1/bunt?coverage=first-stays`;
    await page.goto(look);
    await other.goto(look);
    await page.getByRole('button', { name: 'Play “Stay” here' }).click();
    await expect(page.locator('.call')).toContainText('Stay');
    await other.getByRole('button', { name: 'Play “Stay” here' }).click();
    await expect(other.locator('.finding').first()).toContainText('Wren Tolland has decided in the meantime');
    await other.context().close();
});

test('names on the drawing do not lie on each other', async ({ page }) => {
    const team = await signIn(page);
    for (const at of ['0', '1.1', '1.85', '3']) {
        await page.goto(`/${team}/situations/R1-0/bunt`);
        await page.getByLabel('Time of the play').fill(at);
        const boxes = await page
            .locator('svg[data-ground] .name')
            .evaluateAll((names) =>
                names.map((name) => ({ words: name.textContent, ...name.getBoundingClientRect().toJSON() })),
            );
        for (const [index, a] of boxes.entries()) {
            for (const b of boxes.slice(index + 1)) {
                const over = Math.min(a.right, b.right) - Math.max(a.left, b.left);
                const under = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
                expect(over > 4 && under > 6, `${a.words} and ${b.words} at ${at} s`).toBe(false);
            }
        }
    }
});

test('an infielder is dragged, nudged by half a pace and put back', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/none-2`);
    const words = page.locator('tbody tr', { hasText: 'Marsh' });
    const before = await words.innerText();
    const spot = page.locator('#spot-6');
    const box = await spot.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + 14);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 40, box.y + 20, { steps: 4 });
    await page.mouse.up();
    await expect(page).toHaveURL(/moved=6/);
    await expect(words).not.toHaveText(before);
    await expect(page.locator('main')).toContainText('6 is moved by hand; the rule says normal.');
    await expect(page.locator('#improve')).toContainText(/in a hundred ground balls|No step/);

    const moved = page.url();
    await page.locator('#spot-6').focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page).not.toHaveURL(moved);
    await expect(page.locator('#spot-6'), 'the keyboard stays on the fielder').toBeFocused();
    const at = (url) => Number(new URL(url).searchParams.get('moved').match(/6:(-?[\d.]+)/)[1]);
    expect(Math.abs(at(page.url()) - (at(moved) - 2.5 / 2))).toBeLessThan(0.11);
    await page.getByRole('link', { name: 'Leave it' }).click();
    await expect(words).toHaveText(before.replace(/\s+/g, ' ').trim(), { useInnerText: true });
});

test('names before the pitch do not lie on each other, on a phone either', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0`);
    await expect(page.locator('svg[data-names] .name')).toHaveCount(9);
    const boxes = await page
        .locator('svg[data-names] .name')
        .evaluateAll((names) =>
            names.map((name) => ({ words: name.textContent, ...name.getBoundingClientRect().toJSON() })),
        );
    for (const [index, a] of boxes.entries()) {
        for (const b of boxes.slice(index + 1)) {
            expect(
                Math.min(a.right, b.right) - Math.max(a.left, b.left) > 3 &&
                    Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 4,
                `${a.words} and ${b.words}`,
            ).toBe(false);
        }
    }
});

test('works without scripts', async ({ browser, baseURL }) => {
    const page = await (await browser.newContext({ baseURL, javaScriptEnabled: false })).newPage();
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0`);
    await page.getByLabel('Batter').selectOption('slapper');
    await page.getByRole('button', { name: 'Show' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Double play, corners in, short halfway');
    await page.context().close();
});
