import { expect, isAccessible, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

test('the head coach goes from one team to the other and keeps their plans apart', async ({ page }) => {
    const kites = await signIn(page);
    await page.getByRole('link', { name: 'Terns' }).click();
    await expect(page.locator('.strip')).toContainText('Terns');
    expect(new URL(page.url()).pathname).not.toContain(kites);
    await page.locator('#place-carried').click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Double play, first holds');
    await expect(page.locator('.strip')).toContainText('Baseball, 80 ft');
    await page.getByRole('link', { name: 'Team', exact: true }).click();
    await expect(page.locator('tbody').first()).toContainText('Petrik');
    await expect(page.locator('tbody').first()).not.toContainText('Marsh');
});

test('without a choice the light is the device’s', async ({ page }) => {
    const ink = () => page.locator('h1').evaluate((title) => getComputedStyle(title).color);
    await page.goto('/sign-in');
    await page.emulateMedia({ colorScheme: 'light' });
    expect(await ink()).toBe('rgb(32, 41, 43)');
    await page.emulateMedia({ colorScheme: 'dark' });
    expect(await ink()).toBe('rgb(239, 231, 214)');
});

test('keys do nothing once they are turned off', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R1-0`);
    await page.keyboard.press('o');
    await expect(page).toHaveURL(/R1-1/);
    await page.keyboard.press('/');
    await expect(page.getByLabel('A player, a situation, a drill, a practice or a word')).toBeFocused();
    await page.goto(`/${team}/you`);
    const off = page.getByRole('form', { name: 'Keys' }).getByRole('button', { name: 'Off' });
    await off.click();
    await expect(off).toHaveAttribute('aria-pressed', 'true');
    await page.goto(`/${team}/situations/R1-0`);
    await page.keyboard.press('o');
    await page.keyboard.press('1');
    await page.waitForTimeout(500);
    await expect(page).toHaveURL(/R1-0/);
});

test('the night stays until the day is chosen, and signing out closes the door', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/you`);
    await page.getByRole('button', { name: 'Night, for the dugout' }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
    await page.goto(`/${team}/situations`);
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
    await page.goto(`/${team}/you`);
    await page.getByRole('button', { name: 'Day', exact: true }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page).toHaveURL(/\/sign-in$/);
    await page.goto(`/${team}/team`);
    await expect(page).toHaveURL(new RegExp(`/sign-in\\?to=/${team}/team$`));
});

test('what is typed is not left without a question', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/team/player/new`);
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    await expect(page, 'nothing was typed').toHaveURL(new RegExp(`${team}$`));
    await page.goto(`/${team}/team/player/new`);
    await page.getByLabel('Name, as called on the field').fill('Half');
    let question = '';
    page.once('dialog', (dialog) => {
        question = dialog.message();
        dialog.dismiss();
    });
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    expect(question).toContain('What you typed on it is not saved');
    await expect(page.getByLabel('Name, as called on the field')).toHaveValue('Half');
    page.once('dialog', (dialog) => dialog.accept());
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    await expect(page).toHaveURL(new RegExp(`${team}$`));
});

test('a form that is saved asks nothing', async ({ page }) => {
    const team = await signIn(page);
    page.on('dialog', () => {
        throw new Error('Nothing is lost here.');
    });
    await page.goto(`/${team}/team/player/new`);
    await page.getByLabel('Name, as called on the field').fill('Penhale');
    await page.getByLabel('Shirt number').fill('77');
    await page.getByLabel('Positions, the best first').fill('RF');
    await page.getByRole('button', { name: 'Save the player' }).click();
    await expect(page.locator('.good')).toHaveText('Penhale is saved.');
    await page.getByRole('link', { name: 'Penhale' }).first().click();
    page.removeAllListeners('dialog');
    page.once('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Take Penhale off the roster' }).click();
    await expect(page.locator('.good')).toContainText('Penhale is off the roster.');
    await page.getByRole('button', { name: 'Undo: Penhale is off the roster.' }).click();
    await expect(page.locator('.good')).toContainText('Taken back');
    await expect(page.locator('tbody').first()).toContainText('Penhale');
});

test.describe('after a long evening', () => {
    test.use({ expectedErrors: '401' });

    test('a form that is sent without a session comes back after signing in', async ({ page, context }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/team/opponents`);
        await page.getByLabel('Another opponent').fill('Oystercatchers');
        await context.clearCookies({ name: 'fox' });
        await page.getByRole('button', { name: 'Add the team' }).click();
        await expect(page.getByRole('alert')).toContainText('You were signed out before it was kept');
        await isAccessible(page);
        await page.getByLabel('E-mail').fill('coach@saltmarsh.example');
        await page.getByLabel('Password').fill('lantern-on-the-quay');
        await page.getByRole('button', { name: 'Sign in' }).click();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('You are signed in again: press once more');
        await expect(page.locator('table')).toContainText('Oystercatchers');
        await isAccessible(page);
        await page.getByRole('button', { name: 'Send it again' }).click();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('What we know of Oystercatchers');
        page.once('dialog', (dialog) => dialog.accept());
        await page.getByRole('button', { name: 'Take Oystercatchers off the list' }).click();
        await expect(page.locator('.good')).toContainText('Oystercatchers is off the list.');
    });
});

test.describe('after a session has ended', () => {
    test.use({ expectedErrors: '401' });

    test('a part that is asked for says so, and what is typed and drawn stays', async ({ page, context }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/situations/R1-0/bunt/coverage/new?from=corners-crash`);
        const session = await context.cookies();
        await context.clearCookies({ name: 'fox' });
        await page.getByLabel('Name', { exact: true }).fill('Corners wait');
        const said = page.locator('main [role="status"]');
        await expect(said).toContainText('You are signed out. What you typed is still here.');
        await expect(said.getByRole('link')).toHaveAttribute('href', /sign-in\?to=.*coverage%2Fnew/);
        await expect(page.getByLabel('E-mail'), 'no door within the page').toHaveCount(0);
        await expect(page.locator('[data-job-board]')).toBeVisible();
        await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Corners wait');
        // As when the link has been followed.
        await context.addCookies(session);
        await page.getByRole('button', { name: 'Save this coverage' }).click();
        await expect(page.locator('.good')).toContainText('Corners wait');
    });
    test('a fielder who is moved leads to the door and back', async ({ page, context }) => {
        const team = await signIn(page);
        await page.goto(`/${team}/situations/R1-0`);
        const session = await context.cookies();
        await context.clearCookies({ name: 'fox' });
        await page.locator('#spot-4').press('ArrowUp');
        await expect(page).toHaveURL(/sign-in\?to=.*moved/);
        await context.addCookies(session);
        await page.goto(decodeURIComponent(new URL(page.url()).searchParams.get('to')));
        await expect(page.locator('#spot-4')).toBeVisible();
    });
});

test.describe('with a wrong password', () => {
    test.use({ expectedErrors: '422|404' });

    test('the e-mail stays and nothing is told', async ({ page }) => {
        await page.goto('/sign-in');
        await page.getByLabel('E-mail').fill('nobody@saltmarsh.example');
        await page.getByLabel('Password').fill('no');
        await page.getByRole('button', { name: 'Sign in' }).click();
        await expect(page.getByRole('alert')).toContainText('do not belong together');
        await expect(page.getByLabel('E-mail')).toHaveValue('nobody@saltmarsh.example');
        await isAccessible(page);
    });

    test('an address of another team, or of nothing, is a page with a way back', async ({ page }) => {
        const team = await signIn(page);
        for (const path of [
            '/00000000-0000-7000-8000-000000000000/team',
            `/${team}/practice/00000000-0000-7000-8000-000000000000`,
            `/${team}/situations/R1-9`,
        ]) {
            expect((await page.goto(path)).status()).toBe(404);
            await isAccessible(page);
            await page.getByRole('link', { name: 'Back to Today' }).click();
            await expect(page.locator('.strip')).toContainText('Kites');
        }
    });
});

test('a pace, a thumb: a fielder is moved by touch', async ({ browser, baseURL }) => {
    const context = await browser.newContext({
        baseURL,
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        isMobile: true,
    });
    const page = await context.newPage();
    const team = await signIn(page);
    await page.goto(`/${team}/situations/none-2`);
    const box = await page.locator('#spot-4').boundingBox();
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const touch = (type, atX, atY) =>
        page.locator('#spot-4').dispatchEvent(type, {
            pointerId: 1,
            pointerType: 'touch',
            isPrimary: true,
            bubbles: true,
            clientX: atX,
            clientY: atY,
        });
    await page.evaluate(() => (Element.prototype.setPointerCapture = () => {}));
    await touch('pointerdown', x, y);
    await touch('pointermove', x + 25, y - 6);
    await touch('pointerup', x + 25, y - 6);
    await expect(page).toHaveURL(/moved=4/);
    await expect(page.locator('tbody tr', { hasText: 'Szabo' })).toHaveClass(/straw/);
    await context.close();
});
