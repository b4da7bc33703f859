import { doesNotOverflow, expect, isAccessible, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

test('a coach walks from the sign-in to a practice sheet', async ({ page }) => {
    await page.goto('/');
    await expect(page).toHaveURL(/\/sign-in$/);
    // Both letters that ship with it have come.
    const loaded = () => page.evaluate(() => [...document.fonts].map(({ status }) => status));
    await expect.poll(loaded).toEqual(['loaded', 'loaded']);
    await isAccessible(page);
    await signIn(page);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('2 things to mend before');

    await page.locator('#place-carried').click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Double play, corners in');
    await page.getByRole('link', { name: 'Bunts', exact: true }).click();
    await expect(page.locator('.call')).toHaveText('“Crash, one.”');
    await page.getByRole('link', { name: 'Firm' }).click();
    await expect(page).toHaveURL(/bunt=-20,50/);

    await page.getByRole('link', { name: 'Practice', exact: true }).click();
    await page.getByRole('link', { name: 'Make a practice' }).click();
    await page.getByLabel('Place', { exact: true }).fill('Harbour meadow');
    await page.getByLabel('Who helps').fill('Ana, hits\nBo, hits\nCy\nDee');
    await page.getByLabel('12 Oyelaran').uncheck();
    await page.getByRole('button', { name: 'Make the practice' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('they need', { timeout: 60_000 });
    await expect(page.locator('.sheet').first()).toContainText('Ana');
    await expect(page.locator('.sheet').first()).not.toContainText('Oyelaran');
    await expect(page.locator('.strip')).toContainText('Harbour meadow');

    const [pdf] = await Promise.all([
        page.waitForResponse(/sheet\.pdf$/),
        page.evaluate(
            (href) => fetch(href),
            await page.getByRole('link', { name: 'Sheet as PDF' }).getAttribute('href'),
        ),
    ]);
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'To a calendar' }).click(),
    ]);
    expect(download.suggestedFilename()).toBe('practice.ics');

    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('.rail')).toBeHidden();
    await expect(page.locator('.sheet').first()).toBeVisible();
    await page.emulateMedia({ media: 'screen' });
    page.once('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Take this practice off' }).click();
    await expect(page.locator('.good')).toContainText('The practice is taken off.');
});

test('on a phone whatever is touched is large enough', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    for (const path of [`/${team}/situations/R1-0/bunt`, `/${team}/practice`]) {
        await page.goto(path);
        for (const control of await page
            .locator('.rail-link:visible, .button:visible, .segment:visible, .clock-button:visible, .outs-link:visible')
            .all()) {
            const box = await control.boundingBox();
            expect(box.height, await control.innerText()).toBeGreaterThanOrEqual(44);
            expect(box.width, await control.innerText()).toBeGreaterThanOrEqual(44);
        }
    }
});

test('the stopwatch on a phone: start, split, stop, keep, undo', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/team/stopwatch`);
    await page.getByRole('button', { name: 'Start' }).click();
    await expect.poll(async () => Number(await page.locator('[data-stopwatch-face]').innerText())).toBeGreaterThan(0.5);
    await page.getByRole('button', { name: 'Split' }).click();
    await page.getByRole('button', { name: 'Stop' }).click();
    await expect(page.locator('[data-stopwatch-splits] li')).toHaveCount(2);
    const [split, stop] = (await page.locator('[data-stopwatch-splits] li').allInnerTexts()).map((words) =>
        parseFloat(words),
    );
    expect(stop).toBeGreaterThan(split);
    await expect(page.getByLabel('Reading')).toHaveValue(stop.toFixed(2));
    await page.getByText('Typed, or a pace walked').click();
    await page.getByLabel('Reading').fill('3.28');
    await page.getByRole('button', { name: '13 Lund' }).click();
    await expect(page.locator('.good')).toHaveText('Lund: 3.28 s.');
    const next = page.locator('[data-stopwatch-who][data-next]');
    await expect(next, 'the next on the roster stands out').toHaveCount(1);
    await expect(next).not.toContainText('Lund');
    // Two presses a player: start, and the name at the bag.
    const name = (await next.innerText())
        .replace(/^\d+\s+/, '')
        .replace(', next', '')
        .trim();
    await page.getByRole('button', { name: 'Start' }).click();
    // Nobody is there sooner.
    await expect.poll(async () => Number(await page.locator('[data-stopwatch-face]').innerText())).toBeGreaterThan(2.3);
    await next.click();
    await expect(page.locator('.good')).toContainText(new RegExp(`${name}: \\d+\\.\\d\\d s\\.`));
    await page.getByRole('button', { name: new RegExp(`^Undo ${name},`) }).click();
    await doesNotOverflow(page);
    await isAccessible(page);
    await page.getByRole('button', { name: 'Undo Lund, 3.28' }).click();
    await expect(page.locator('.good')).toHaveText('The reading is taken back.');
});

test('a roster file as a spreadsheet saves it', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/team/import`);
    await page.getByLabel('Or load a CSV file').setInputFiles({
        name: 'roster.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('\uFEFFNumber;Name;Positions;Home to first s\r\n31;Penhale;8 7;3,11\r\n'),
    });
    await page.getByRole('button', { name: 'Look it over' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
        '1 player can be read: 1 new, 0 changed; nothing is written yet',
    );
    await page.getByRole('button', { name: 'Write this one to the roster' }).click();
    await expect(page.locator('tbody tr', { hasText: 'Penhale' })).toContainText('3.11 s');
});

test.describe('with refused forms', () => {
    test.use({ expectedErrors: '422' });
    test('a problem in a form stands at its field, and nothing typed is lost', async ({ page }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/team/player/new`);
        await page.getByLabel('Name, as called on the field').fill('Penhale');
        await page.getByLabel('Shirt number').fill('12');
        await page.getByLabel('Positions, the best first').fill('8 7');
        await page.getByLabel('Home to first').fill('43');
        await page.getByRole('button', { name: 'Save the player' }).click();
        await expect(page.getByText('12 is worn by somebody else on the team')).toBeVisible();
        await expect(page.getByLabel('Shirt number')).toHaveAttribute('aria-invalid', 'true');
        await page.getByLabel('Shirt number').fill('45');
        await page.getByRole('button', { name: 'Save the player' }).click();
        await expect(page.getByText('43 is too large. Allowed: 2.2 to 8 seconds.')).toBeVisible();
        await expect(page.getByLabel('Name, as called on the field')).toHaveValue('Penhale');
        await isAccessible(page);
    });
});
