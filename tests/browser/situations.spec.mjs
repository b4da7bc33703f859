import { expect, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

test('the board shows what a context changes and opens a situation with it', async ({ page }) => {
    const team = await signIn(page);
    await page.getByRole('link', { name: 'Situations', exact: true }).click();
    await expect(page.locator('[data-cell]')).toHaveCount(24);
    await expect(page.locator('.cell-changed')).toHaveCount(0);
    await page.getByLabel('Batter').selectOption('slapper');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('left, slaps, quick');
    await expect.poll(() => page.locator('.cell-changed').count()).toBeGreaterThan(20);
    await page.getByLabel('Batter').selectOption('left');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/batter left$/);
    const changed = await page.locator('.cell-changed').count();
    expect(changed).toBeGreaterThan(0);
    expect(changed).toBeLessThan(24);
    await expect(page.locator('main')).toContainText(`${changed} calls change for this context`);

    await page.locator('[data-cell]').first().focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(new RegExp(`${team}/situations/R1-1\\?.*batter=left`));
    await page.goBack();
    await page.getByRole('link', { name: 'Back to the base plan' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('24 situations, the base plan');
});
