import { doesNotOverflow, expect, isAccessible, signIn, startsFromAFreshDemo, test } from './fox.mjs';
import { signInToTerns } from './places.mjs';

startsFromAFreshDemo();

test('the lines on the ground move with throw, runner and wish', async ({ page }) => {
    const team = await signInToTerns(page);
    await page.goto(`/${team}/situations/R2-1/runners`);
    const line = () => page.locator('.line-name', { hasText: 'Alarm line' }).innerHTML();
    const usual = await line();
    await page.getByLabel('Wins').selectOption({ label: '6 of 10' });
    await expect.poll(line).not.toBe(usual);
    const often = await line();
    await page.getByLabel('Throw behind', { exact: true }).selectOption({ label: 'Wheel feint' });
    await expect.poll(line).not.toBe(often);

    await page.getByLabel('Lead, ft').fill('30');
    await page.getByLabel('Lead, ft').press('Enter');
    await expect(page.locator('h1')).toContainText('it pays R2 to go');
});

test('a pick is watched to its end, and what it leaves is a rundown', async ({ page }) => {
    const team = await signInToTerns(page);
    await page.goto(`/${team}/situations/R1-0/runners`);
    await page.getByRole('link', { name: 'Picks', exact: true }).click();
    await expect(page).toHaveURL(/R1-0\/pick\?/);
    const mark = page.locator('svg[data-clock] [data-actor="6"], [data-actor="6"]').first();
    const before = await mark.getAttribute('transform');
    await page.locator('[data-clock-bar]').evaluate((bar) => {
        bar.value = bar.max;
        bar.dispatchEvent(new Event('input'));
    });
    await expect.poll(() => mark.getAttribute('transform')).not.toBe(before);
    await page.goto(`/${team}/situations/R1-0/pick?off=30`);
    await page.getByRole('link', { name: 'Watch the rundown' }).click();
    await expect(page).toHaveURL(/\/rundown\?/);
    await expect(page.locator('h1').first()).toContainText('times in a hundred');
});

test('a steal, a pick and two looks are counted with the thumb, and the last is taken back', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const team = await signIn(page);
    await page.goto(`/${team}/team/counts`);
    const last = page.locator('h2:has-text("Counted last") >> xpath=../following-sibling::ul[1]/li[1]');
    await page.getByLabel('Pitcher').selectOption({ label: 'Brandt' });
    await expect(page).toHaveURL(/pitcher=/);
    await page.getByRole('button', { name: 'Steal of second: caught' }).click();
    await expect(last).toContainText('Brandt');
    const steal = await last.textContent();
    await page.getByRole('button', { name: '2 looks' }).click();
    await expect(last).toContainText('2 looks');
    await expect(page.getByLabel('Pitcher').locator('option:checked')).toHaveText('Brandt');
    await page.getByRole('button', { name: 'Take the last one back' }).click();
    await expect.poll(() => last.textContent()).toBe(steal);
    await doesNotOverflow(page);
    await isAccessible(page);
});
