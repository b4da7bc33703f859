import { dayFromNow, doesNotOverflow, expect, isAccessible, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

// What would help is still being tried when a practice is taken off: then it is not there.
test.use({ expectedErrors: '404' });

const PHONE = { width: 390, height: 844 };

/** A practice of its own, so that tests do not disturb each other; back comes its address. */
async function newPractice(page, place) {
    const team = await signIn(page);
    await page.goto(`/${team}/practice/new`);
    await page.getByLabel('Place', { exact: true }).fill(place);
    await page.getByRole('button', { name: 'Make the practice' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('they need', { timeout: 60_000 });
    // The page comes before its address.
    await expect(page).not.toHaveURL(/\/practice\/(new|solving\/.*)$/);
    return new URL(page.url()).pathname;
}

/** Days before it is planned: that is asked about. */
async function start(page) {
    page.once('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Start now' }).click();
    await expect(page.locator('.dial-block')).not.toHaveText('Ready');
}

async function takeOff(page, address) {
    await page.goto(address);
    page.once('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Take this practice off' }).click();
    await expect(page.locator('.good')).toContainText('The practice is taken off.');
}

test.describe('tonight on two phones', () => {
    test.use({ expectedErrors: 'ERR_INTERNET_DISCONNECTED|Failed to fetch|404' });
    test('one clock, counts by the thumb, and no network for a while', async ({ page, browser, baseURL }) => {
        test.slow();
        const address = await newPractice(page, 'Two phones');
        await page.setViewportSize(PHONE);
        await page.getByRole('link', { name: 'Start practice' }).click();
        const other = await browser.newContext({ baseURL, viewport: PHONE });
        const helper = await other.newPage();
        await signIn(helper, 'assistant');
        await helper.goto(`${address}/run`);
        await expect(helper.locator('.dial-block')).toHaveText('Ready');

        await start(page);
        await expect(page.locator('.dial-block')).toHaveText('Warm-up');
        await expect(helper.locator('.dial-block'), 'without a touch on this phone').toHaveText('Warm-up');
        const seconds = async (phone) => {
            const [minutes, rest] = (await phone.locator('[data-clock]').innerText()).split(':').map(Number);
            return 60 * minutes + rest;
        };
        expect(Math.abs((await seconds(page)) - (await seconds(helper))), 'the same clock').toBeLessThanOrEqual(1);
        await doesNotOverflow(page);
        await isAccessible(page);

        while (!(await page.locator('.dial-block').textContent()).trim().startsWith('Round')) {
            const before = await page.locator('.dial-block').textContent();
            await page.getByRole('button', { name: 'Next', exact: true }).click();
            await expect(page.locator('.dial-block')).not.toHaveText(before);
        }
        await expect(helper.locator('.dial-block')).toHaveText('Round 1');
        await helper.locator('.run-station').first().click();
        await expect(helper.getByRole('heading', { name: /Here now/ })).toBeVisible();
        // The page comes before its address.
        await expect(helper).toHaveURL(/\/run\/station\//);
        const station = helper.url();
        const more = helper.locator('[data-more]').first();
        for (let tap = 0; tap < 5; ++tap) await more.click();
        await helper.locator('[data-less]').first().click();
        await expect(more).toHaveText('4');
        await isAccessible(helper);
        await expect(
            page.locator('.run-station').first().locator('b'),
            'the coach sees it on the other phone',
        ).toHaveText('4');

        // As between a page that has come and its address; a page that is just coming does not ask a second time.
        let asked = null;
        helper.on('request', (request) => {
            if (request.headers()['hx-request'] && !request.url().endsWith('/state')) asked = request.url();
        });
        await expect(async () => {
            await helper.evaluate((elsewhere) => {
                const here = location.href;
                history.replaceState(null, '', elsewhere);
                document.querySelector('.run').dispatchEvent(new Event('stale'));
                history.replaceState(null, '', here);
            }, `${address}/run`);
            expect(asked, 'each page asks for itself').toContain('/run/station/');
        }).toPass({ timeout: 30_000 });

        await other.setOffline(true);
        await expect(helper.locator('[data-trouble="no-network"]')).toBeVisible();
        const still = await seconds(helper);
        await more.click();
        await expect(more).toHaveText('5');
        await expect.poll(() => seconds(helper), { message: 'the clock goes on alone' }).toBeLessThan(still);
        await other.setOffline(false);
        await expect(page.locator('.run-station').first().locator('b'), 'sent when the network is back').toHaveText(
            '5',
        );
        await helper.goto(station);
        await expect(more).toHaveText('5');

        await page.getByRole('button', { name: 'Rain' }).click();
        await expect(helper.locator('.dial-reason')).toContainText('Under the roof');
        await page.getByRole('button', { name: 'Go on' }).click();
        // A page that comes anew between the finger's down and up takes the touch with it.
        const away = page.getByRole('button', { name: 'Not there' }).first();
        await expect(async () => {
            if (!(await away.isVisible())) await page.getByText('Late, or has to leave').click();
            await expect(away).toBeVisible({ timeout: 2_000 });
        }).toPass({ timeout: 30_000 });
        await away.click();
        // Solved by the worker, which on a cold and busy machine takes a while.
        await expect(page.locator('.good')).toContainText('The rounds to come are solved again.', { timeout: 40_000 });
        await doesNotOverflow(page);

        page.once('dialog', (dialog) => dialog.accept());
        await page.getByRole('button', { name: 'Skip' }).click();
        await expect(page.locator('.dial-block')).not.toHaveText('Round 1');
        await page.goto(`${address}/after`);
        // What somebody has counted is there to grade, though the round was skipped.
        await expect(page.getByText('No round was done yet.')).toHaveCount(0);
        await expect(page.locator('.graded-drill')).toHaveCount(1);
        await expect(page.locator('.graded-drill')).toContainText('5');
        await other.close();
        await takeOff(page, address);
    });
});

test.describe('far from the mast', () => {
    test.use({ expectedErrors: 'ERR_FAILED|404', isAtTheDay: false });
    test('a phone that has lost the network turns its blocks by itself', async ({ page }) => {
        test.slow();
        const address = await newPractice(page, 'Far from the mast');
        await page.clock.install();
        await page.goto(`${address}/run`);
        await start(page);
        await expect(page.locator('.dial-block')).toHaveText('Warm-up');
        await page.route('**/run/state', (route) => route.abort());
        await page.clock.fastForward('12:30');
        await expect(page.locator('.dial-block')).toHaveText('Daily core');
        await page.clock.fastForward('20:00');
        await expect(page.locator('.dial-block')).toHaveText(/^(Round \d|Water|Rotation)$/);
        await page.unroute('**/run/state');
        await page.clock.resume();
        await expect(page.locator('.dial-block'), 'the server knows better').toHaveText('Warm-up');
        await takeOff(page, address);
    });
});

test.describe('a session that ends on the field', () => {
    test.use({ expectedErrors: '401|404' });
    test('counts wait on the phone until somebody has signed in again', async ({ page, context }) => {
        test.slow();
        const address = await newPractice(page, 'Signed out');
        await page.goto(`${address}/run`);
        await start(page);
        while (!(await page.locator('.dial-block').textContent()).trim().startsWith('Round')) {
            const before = await page.locator('.dial-block').textContent();
            await page.getByRole('button', { name: 'Next', exact: true }).click();
            await expect(page.locator('.dial-block')).not.toHaveText(before);
        }
        await page.locator('.run-station').first().click();
        await expect(page.getByRole('heading', { name: /Here now/ })).toBeVisible();
        await context.clearCookies({ name: 'fox' });
        const more = page.locator('[data-more]').first();
        for (let tap = 0; tap < 3; ++tap) await more.click();
        const words = page.locator('[data-trouble="signed-out"]');
        await expect(words).toBeVisible();
        await expect(words).toContainText('1 count waits on this phone.');
        await expect(page.locator('[data-trouble="no-network"]'), 'there is a network').toBeHidden();
        await words.getByRole('link', { name: 'Sign in' }).click();
        await page.getByLabel('E-mail').fill('coach@saltmarsh.example');
        await page.getByLabel('Password').fill('lantern-on-the-quay');
        await page.getByRole('button', { name: 'Sign in' }).click();
        await expect(page.getByRole('heading', { name: /Here now/ }), 'back at the station').toBeVisible();
        await expect.poll(() => page.evaluate(() => localStorage.getItem('counts'))).toBe('{}');
        await page.goto(`${address}/run`);
        await expect(page.locator('.run-station').first().locator('b'), 'the server has them').toHaveText('3');
        await takeOff(page, address);
    });
});

test('the builder by mouse and by keys', async ({ page }) => {
    test.slow();
    const address = await newPractice(page, 'Builder');
    const lock = await page.locator('[data-lock]').first().getAttribute('data-lock');
    const group = page.locator(`g[data-lock="${lock}"]`);
    await group.press('Enter');
    await expect(group).toHaveAttribute('aria-pressed', 'true');
    const players = await group.locator('title').textContent();
    const version = await page.locator('[data-arrange]').getAttribute('data-version');
    await page.getByRole('button', { name: 'Another way' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Another way');
    await expect(page.locator('table.sheet'), 'both side by side').toHaveCount(2);
    await page.getByRole('button', { name: 'Take the other' }).click();
    await expect(page.locator('[data-arrange]')).not.toHaveAttribute('data-version', version);
    await expect(group).toHaveAttribute('aria-pressed', 'true');
    expect((await group.locator('title').textContent()).split(',')[0]).toBe(players.split(',')[0]);

    const station = page.locator('[data-station]').last();
    const key = await station.getAttribute('data-station');
    const before = await station.getAttribute('transform');
    await station.scrollIntoViewIfNeeded();
    const box = await station.locator('.mark-shape').boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 40, box.y + 30, { steps: 4 });
    await page.mouse.up();
    await expect(page.locator(`[data-station="${key}"]`)).not.toHaveAttribute('transform', before);
    await expect(
        page.getByRole('button', { name: 'Choose stations for me' }),
        'the coach has decided something',
    ).toBeVisible();
    const moved = await page.locator(`[data-station="${key}"]`).getAttribute('transform');
    const nudgedFrom = await page.locator('[data-arrange]').getAttribute('data-version');
    await page.locator(`[data-station="${key}"]`).focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator(`[data-station="${key}"]`)).not.toHaveAttribute('transform', moved);
    await expect(page.locator(`[data-station="${key}"]`), 'the next arrow key finds it again').toBeFocused();
    await expect(page.locator('[data-arrange]'), 'it is kept').not.toHaveAttribute('data-version', nudgedFrom);

    const stations = await page.locator('[data-station]').count();
    await page
        .getByRole('button', { name: /^Take out/ })
        .last()
        .click();
    await expect(page.locator('[data-station]')).toHaveCount(stations - 1);
    const drill = await page.getByLabel('Drill to add').locator('option:enabled').first().getAttribute('value');
    await page.getByLabel('Drill to add').selectOption(drill);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.locator(`[data-station="${drill}"]`)).toHaveCount(1);
    await page.getByRole('button', { name: 'Search longer' }).click();
    await expect(page.locator('#search progress')).toBeVisible();
    await page.locator('#search').getByRole('link', { name: 'Stop' }).click();
    await expect(page.getByRole('button', { name: 'Search longer' })).toBeVisible();
    await takeOff(page, address);
});

test('a drill is found, copied and put on the list', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/practice/drills`);
    await page.getByLabel('Words').fill('rundown');
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByRole('link', { name: 'Rundown, one throw' }).click();
    await page.getByRole('link', { name: 'Copy it' }).click();
    await page.getByLabel('Name').fill('Rundown on the mole');
    await page.getByRole('button', { name: 'Save the drill' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rundown on the mole');
    await page.getByRole('button', { name: 'Put away' }).click();
    await expect(page.locator('.good')).toContainText('Put away');
});

test('games come from a calendar into the week', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/practice/week`);
    await page.getByRole('link', { name: 'Read a calendar' }).click();
    const day = dayFromNow(3);
    const events = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:walk\r\nSUMMARY:Game at the lighthouse\r\nDTSTART:${day}T090000\r\nDTEND:${day}T110000\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`;
    await page
        .getByLabel('File')
        .setInputFiles({ name: 'season.ics', mimeType: 'text/calendar', buffer: Buffer.from(events) });
    await page.getByRole('button', { name: 'Look at it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('1 entries found');
    await page.getByRole('button', { name: 'Put them into the calendar' }).click();
    await expect(page.locator('.week')).toContainText('Game at the lighthouse');
});
