import { expect, signIn, startsFromAFreshDemo, test } from './fox.mjs';

startsFromAFreshDemo();

/** Gives the team the plan back as it was: every step of a test is undone. */
async function undo(page, team, times) {
    for (let done = 0; done < times; ++done) {
        await page.goto(`/${team}/situations/rules`);
        await page.getByRole('button', { name: /^Undo/ }).click();
        await expect(page.locator('.good')).toContainText('Undone');
    }
}

test('a rule is written, places people, explains itself and is undone', async ({ page }) => {
    const team = await signIn(page);
    await page.getByRole('link', { name: 'Situations', exact: true }).click();
    await page.getByRole('link', { name: 'Rules', exact: true }).click();
    await page.getByRole('link', { name: 'Write a rule' }).click();
    await page.getByLabel('Name').fill('Short wall');
    await page.getByLabel('Why, as you tell the players').fill('The wall is close: come in.');
    await page.getByLabel('9 Right field').selectOption('shallow');
    await page.getByRole('button', { name: 'Save the rule' }).click();
    await expect(page.locator('.good')).toHaveText('Short wall is saved.');

    await page.goto(`/${team}/situations/none-2`);
    await expect(page.locator('main')).toContainText('The wall is close: come in.');
    await page.getByText('Which rule decides').click();
    await expect(page.locator('main details', { hasText: 'Which rule decides' })).toContainText('9: Short wall');
    await undo(page, team, 1);
    await expect(page.locator('tbody').first()).not.toContainText('Short wall');
});

test('depths are drawn while they are typed, and called by the coach’s word', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/depths`);
    const where = () => page.locator('.depth-mark', { hasText: '6 Normal' }).getAttribute('transform');
    const before = await where();
    await page.getByLabel('Shortstop, Normal, off, feet').fill('14');
    await expect.poll(where).not.toBe(before);
    await page.getByLabel('Your word for double play').fill('Pinch');
    await page.getByLabel('Your sign for double play').fill('hand on cap');
    await page.getByRole('button', { name: 'Save the depths' }).click();
    await expect(page.locator('.good')).toContainText('Depths changed');
    await page.goto(`/${team}/situations`);
    await expect(page.locator('.board')).toContainText('Pinch, corners in');
    await undo(page, team, 1);
});

test('tried moves are undone and done again, by button and by key', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/none-1`);
    const short = page.locator('[data-spot="6"]');
    // The address changes a moment before the page does.
    const isAt = (count) =>
        expect
            .poll(() => page.evaluate(() => JSON.parse(sessionStorage.getItem(`tries ${location.pathname}`)).at))
            .toBe(count);
    for (const count of [1, 2]) {
        await short.focus();
        await page.keyboard.press('ArrowLeft');
        await expect(page).toHaveURL(/moved=6%3A/);
        await isAt(count);
    }
    const twice = page.url();
    const drawing = page.locator('svg[data-move]');
    const second = await drawing.getAttribute('data-moved');
    await page.getByRole('button', { name: 'Undo the move' }).click();
    await expect(page).not.toHaveURL(twice);
    await expect(drawing).not.toHaveAttribute('data-moved', second);
    // The buttons answer once the new part has settled.
    await expect(page.locator('.htmx-request, .htmx-swapping, .htmx-settling')).toHaveCount(0);
    await page.locator('body').press('z');
    await expect(page).not.toHaveURL(/moved=/);
    await expect(page.getByRole('button', { name: 'Undo the move' })).toBeDisabled();
    await page.locator('body').press('y');
    await expect(page).toHaveURL(/moved=6%3A/);
    await expect(drawing).toHaveAttribute('data-moved', /^6:/);
    await page.getByRole('button', { name: 'Move again' }).click();
    await expect(page).toHaveURL(twice);
});

test('an outfielder is moved too, and several are moved together on advice', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/none-1`);
    await page.locator('[data-spot="9"]').focus();
    await page.keyboard.press('ArrowDown');
    await expect(page).toHaveURL(/moved=9%3A/);
    await page.goto(`/${team}/situations/R1-1?score=6`);
    await page.getByRole('button', { name: 'Several together' }).click();
    await expect(page.locator('#improve')).toContainText(/saves [\d.]+ runs in a hundred|No step of several/);
    await page.locator('#improve select').selectOption('3');
    await expect(page.locator('#improve select')).toHaveValue('3');
});

test('two ways to stand are compared, and the situation stays the control', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations/R3-1`);
    await page.getByRole('link', { name: 'Compare with standing otherwise' }).click();
    await page.getByRole('link', { name: 'Infield in' }).click();
    await expect(page).toHaveURL(/against=in/);
    await expect(page.locator('main')).toContainText('Runs from third');
    await page.locator('#outs').click();
    await expect(page).toHaveURL(/R3-2\/compare\?.*against=in/);
    await expect(page.locator('main')).not.toContainText('Runs from third');
});

test('a batter of an opponent stays from place to place', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/situations`);
    await page.getByLabel('Batter').selectOption({ label: '1. Voss, SL' });
    await expect(page.getByRole('heading', { level: 1 })).toContainText('batter voss');
    await page.locator('#place-carried').click();
    await expect(page.locator('.call')).toContainText('short halfway');
    await expect(page.getByLabel('Batter').locator('option:checked')).toHaveText('1. Voss, SL');
    await page.getByRole('link', { name: 'Situations', exact: true }).click();
    await page.getByRole('link', { name: 'With findings', exact: true }).click();
    await expect(page.locator('.cell-aside').first()).toBeVisible();
    await expect(page.locator('.cell-findings').first()).toBeVisible();
});

test('the field is drawn as it is typed, and another rule set fills the form', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/team/ballpark`);
    const fence = () => page.locator('#field-drawing .line-fence').getAttribute('d');
    const before = await fence();
    await page.getByLabel('Fence, right line').fill('230');
    await expect.poll(fence).not.toBe(before);
    await page.getByLabel('Pitching distance').fill('500');
    await expect(page.locator('#field-drawing')).toContainText('Pitching distance: 500 is too large');
    await page.getByLabel('Rule set').selectOption('baseball-80');
    await expect(page.getByLabel('Base path', { exact: true })).toHaveValue('80');
    await expect(page.getByLabel('Runners may leave')).toHaveValue('any time');
});

test('a pace is walked, not measured', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/team/stopwatch`);
    await page.getByLabel('What').selectOption('pace');
    await page.getByText('Typed, or a pace walked').click();
    await page.getByLabel('Paces walked').fill('10');
    await page.getByLabel('Feet walked').fill('24');
    await page.getByRole('button', { name: '15 Ibarra' }).click();
    await expect(page.locator('.good')).toHaveText('Ibarra: 2.40 ft.');
    await page.getByRole('button', { name: 'Undo Ibarra, 2.40' }).click();
    await expect(page.locator('.good')).toContainText('taken back');
});

test('two touches change places in the lineup: on the drawing, and with the bench', async ({ page }) => {
    const team = await signIn(page);
    await page.goto(`/${team}/team/lineup`);
    const at = (number) => page.locator(`g[data-place="${number}"]`);
    const [six, four] = [await at(6).getAttribute('data-name'), await at(4).getAttribute('data-name')];
    await at(6).locator('.mark-shape').click();
    await at(4).locator('.mark-shape').click();
    await expect(at(6).locator('.name')).toHaveText(four);
    await expect(page.locator('#at_4 option:checked')).toContainText(six);
    const bench = page.locator('button[data-place=""]').first();
    const sits = await bench.innerText();
    await bench.click();
    await at(9).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('#at_9 option:checked')).toContainText(sits);
    await page.getByRole('button', { name: 'Save the lineup' }).click();
    await expect(page.locator('.good')).toContainText('lineup is saved');
    await expect(at(4)).toHaveAttribute('data-name', six);
    await page.getByRole('button', { name: 'Let the roster decide' }).click();
    await expect(page.locator('.good')).toContainText('The roster decides');
});
