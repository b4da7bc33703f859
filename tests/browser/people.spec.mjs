import { expect, isAccessible, signIn, test } from './fox.mjs';

test('the head coach goes from one team to the other and keeps their plans apart', async ({ page }) => {
    const kites = await signIn(page);
    await page.getByRole('link', { name: 'Terns' }).click();
    await expect(page.locator('.strip')).toContainText('Terns');
    expect(new URL(page.url()).pathname).not.toContain(kites);
    await page.getByRole('link', { name: 'Field', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Double play, third in, first holds');
    await expect(page.locator('.strip')).toContainText('Baseball, 80 ft');
    await page.getByRole('link', { name: 'Team', exact: true }).click();
    await expect(page.locator('tbody').first()).toContainText('Petrik');
    await expect(page.locator('tbody').first()).not.toContainText('Marsh');
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
    await expect(page).toHaveURL(/\/sign-in$/);
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
        for (const path of ['/00000000-0000-7000-8000-000000000000/team', `/${team}/practice/00000000-0000-7000-8000-000000000000`, `/${team}/field/R1-9`]) {
            expect((await page.goto(path)).status()).toBe(404);
            await isAccessible(page);
            await page.getByRole('link', { name: 'Back to Today' }).click();
            await expect(page.locator('.strip')).toContainText('Kites');
        }
    });
});

test('a pace, a thumb: a fielder is moved by touch', async ({ browser, baseURL }) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const page = await context.newPage();
    const team = await signIn(page);
    await page.goto(`/${team}/field/none-2`);
    const box = await page.locator('#spot-4').boundingBox();
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const touch = (type, atX, atY) => page.locator('#spot-4').dispatchEvent(type, { pointerId: 1, pointerType: 'touch', isPrimary: true, bubbles: true, clientX: atX, clientY: atY });
    await page.evaluate(() => (Element.prototype.setPointerCapture = () => {}));
    await touch('pointerdown', x, y);
    await touch('pointermove', x + 25, y - 6);
    await touch('pointerup', x + 25, y - 6);
    await expect(page).toHaveURL(/moved=4/);
    await expect(page.locator('tbody tr', { hasText: 'Szabo' })).toHaveClass(/straw/);
    await context.close();
});
