import { expect, isAccessible, services, test } from './fox.mjs';

// Every press, every choice and every field that is filled in is one; what a new coach has to do, and no more.
function counting(page) {
    let presses = 0;
    return {
        press: async (target) => {
            presses += 1;
            await target.click();
        },
        fill: async (target, text) => {
            presses += 1;
            await target.fill(text);
        },
        count: () => presses,
        next: async (words) => {
            const steps = page.getByRole('heading', { name: /^First steps/ });
            if (!(await steps.isVisible())) {
                await page.getByRole('link', { name: 'Today', exact: true }).first().click();
                presses += 1;
                await expect(steps).toBeVisible();
            }
            await page.getByRole('link', { name: new RegExp(`^Do (it|this next): ${words}`) }).click();
            presses += 1;
        },
    };
}

const LIST = [
    'number,name,positions,throws,bats,home_to_first_s',
    '1,Ash,1,R,R,3.21',
    '2,Birch,2,R,R,3.40',
    '3,Cedar,3,L,L,3.35',
    '4,Dogwood,4,R,L,2.98',
    '5,Elm,5,R,R,3.12',
    '6,Fir,6,R,R,2.94',
    '7,Gorse,7,R,R,3.05',
    '8,Hazel,8,R,L,2.89',
    '9,Ivy,9,R,R,3.10',
    '10,Juniper,4 6,R,R,3.08',
    '11,Larch,1 3,R,R,3.22',
    '12,Maple,7 9,R,R,3.15',
].join('\n');

test('from an empty house to a practice that runs in at most 60 presses', async ({ page }) => {
    const began = Date.now();
    const begin = counting(page);
    await page.goto('/');
    await begin.press(page.getByRole('link', { name: 'Begin with a team of your own' }));
    await isAccessible(page);
    await begin.fill(page.getByLabel('Code that bin/start has printed'), services('setup_code').toString().trim());
    await begin.fill(page.getByLabel('Club'), 'Fen End');
    await begin.fill(page.getByLabel('Team'), 'Bitterns');
    await begin.press(page.getByLabel('Fastpitch, 14 to 16'));
    await begin.fill(page.getByLabel('Your name'), 'Ada Brink');
    await begin.fill(page.getByLabel('Your e-mail'), 'ada@fen-end.example');
    await begin.fill(page.getByLabel('A password'), 'a heron on one leg');
    await begin.press(page.getByRole('button', { name: 'Begin' }));
    await expect(page.getByRole('heading', { name: 'First steps: 0 of 5 done' })).toBeVisible();
    await isAccessible(page);

    await begin.next('Nine players');
    await begin.press(page.getByRole('link', { name: 'Paste or load a list' }));
    await begin.fill(page.getByLabel('Paste from the spreadsheet'), LIST);
    await begin.press(page.getByRole('button', { name: 'Look it over' }));
    await begin.press(page.getByRole('button', { name: /^Write these 12/ }));
    await expect(page.locator('.good')).toContainText('12');
    await begin.next('Your field and rules');
    await begin.press(page.getByRole('button', { name: 'Save the field' }));
    await expect(page.locator('.good').first()).toContainText('The field is saved.');
    await begin.next('A coverage for the first bunt');
    await begin.press(page.getByRole('button', { name: /^Play “.*” here$/ }));
    await expect(page.locator('.good').first()).toContainText('Crash');
    await begin.next('A first practice');
    await begin.fill(page.getByLabel('Who helps'), 'Ana, hits\nBo');
    await begin.press(page.getByRole('button', { name: 'Make the practice' }));
    await expect(page.getByRole('heading', { level: 1 })).toContainText('they need', { timeout: 40_000 });
    await begin.press(page.getByRole('link', { name: 'Today', exact: true }).first());
    await expect(page.getByRole('heading', { name: /^First steps/ })).toHaveCount(0);
    // And to the field with it.
    page.on('dialog', (dialog) => dialog.accept());
    await begin.press(page.getByRole('link', { name: 'Open the sheet' }));
    await begin.press(page.getByRole('link', { name: 'Start practice' }));
    await begin.press(page.getByRole('button', { name: 'Start now' }));
    await expect(page.getByRole('button', { name: 'Next', exact: true })).toBeVisible();
    await expect(page.locator('.rail a', { hasText: 'Live' }), 'its clock is in the rail').toBeVisible();
    expect(begin.count()).toBeLessThanOrEqual(60);
    console.log(`presses and choices: ${begin.count()}, seconds: ${Math.round((Date.now() - began) / 1000)}`);
});

test('an assistant comes by the link, sees the plan, and the coach takes her out again', async ({ page, browser }) => {
    await page.goto('/sign-in');
    await page.getByLabel('E-mail').fill('ada@fen-end.example');
    await page.getByLabel('Password').fill('a heron on one leg');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.goto('/bitterns/people');
    await isAccessible(page);
    await page.getByRole('button', { name: 'Invite' }).click();
    const link = await page.getByRole('textbox', { name: 'The link', exact: true }).inputValue();

    const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const other = await phone.newPage();
    await other.goto(new URL(link).pathname);
    await isAccessible(other);
    await other.getByLabel('Your name').fill('Bo Reed');
    await other.getByLabel('Your e-mail').fill('bo@fen-end.example');
    await other.getByRole('button', { name: 'Join' }).click();
    await expect(other.getByRole('heading', { level: 1 })).toHaveText('Ask Ada Brink for your link');
    await isAccessible(other);

    await page.goto('/bitterns/people');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 people are in the Bitterns');
    await page.getByLabel('Change Bo Reed').click();
    await page.getByRole('button', { name: 'Give the link yourself: Bo Reed' }).click();
    await isAccessible(page);
    await other.goto(new URL(await page.getByRole('textbox', { name: 'The link', exact: true }).inputValue()).pathname);
    await other.getByLabel('New password').fill('two bitterns boom');
    await other.getByRole('button', { name: 'Take it' }).click();
    await other.goto('/bitterns');
    await expect(other.locator('.strip')).toContainText('Bitterns');

    await page.goto('/bitterns/people');
    await page.getByLabel('Change Bo Reed').click();
    await page.getByRole('button', { name: 'Take out of the team: Bo Reed' }).click();
    await expect(page.locator('.good')).toContainText('Bo Reed is out of the team');
    await other.goto('/bitterns');
    await expect(other.getByRole('button', { name: 'Sign in' }), 'and her sessions have ended').toBeVisible();
    await phone.close();
});
