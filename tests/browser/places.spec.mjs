import { doesNotOverflow, expect, isAccessible, signIn, test } from './fox.mjs';

async function first(page, path) {
    await page.goto(path);
    return page.locator('tbody a').first().getAttribute('href');
}

// The Terns: what other tests do to the Kites meanwhile is not in the way.
async function signInToTerns(page) {
    await signIn(page);
    return (await page.locator('.rail-team a', { hasText: 'Terns' }).getAttribute('href')).split('/')[1];
}

/** The places of design, and those of teaching; back come their addresses. */
const PLACES = {
    design: async (page, team) => {
        const player = await first(page, `/${team}/team`);
        const opponent = await first(page, `/${team}/team/opponents`);
        const plan = ['rules', 'rules/guard', 'depths', 'walk-off'].map((part) => `/${team}/situations/${part}`);
        const field = ['field/R1-0', 'field/R1-0?view=bunt', 'field/R2-0?view=bunt', 'field/R3-1/compare?against=in', 'field/none-0?view=air', 'situations?batter=slapper', 'bunts/R1-0', 'bunts/R1R2-0?with=wheel', 'bunts/R1-0/coverage/new?from=first-stays'];
        const people = ['team', 'team/field', 'team/import', 'team/lineup', 'team/opponents', 'team/runs', 'team/stopwatch', 'you'];
        return [...plan, opponent, player, `/${team}`, ...[...field, ...people].map((part) => `/${team}/${part}`)];
    },
    teaching: async (page, team) => {
        const practice = await first(page, `/${team}/practice`);
        const parts = ['', '/new', '/needs', '/drills', '/drills/charge-and-throw', '/drills/new', '/week', '/calendar'];
        return [...parts.map((part) => `/${team}/practice${part}`), ...['', '/change', '/run', '/run/station/charge-and-throw', '/after'].map((part) => practice + part)];
    },
};

// On the phone only what size and theme can change is looked over again.
for (const [device, size, theme, only] of [['laptop', { width: 1280, height: 800 }, 'day', null], ['phone', { width: 390, height: 844 }, 'night', ['color-contrast', 'target-size', 'scrollable-region-focusable']]]) {
    for (const [work, places] of Object.entries(PLACES)) {
        test(`every place of ${work} is accessible on a ${device} by ${theme}`, async ({ page, context, baseURL }) => {
            test.setTimeout(180_000);
            await page.setViewportSize(size);
            await context.addCookies([{ name: 'theme', value: theme, url: baseURL }]);
            for (const path of await places(page, await signInToTerns(page))) {
                await page.goto(path);
                await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
                await isAccessible(page, only);
            }
        });
    }
}

for (const [work, places] of Object.entries(PLACES)) {
    test(`every place of ${work} fits from 390 to 1920 px`, async ({ page }) => {
        test.slow();
        for (const path of await places(page, await signInToTerns(page))) {
            await page.goto(path);
            for (const width of [390, 768, 1024, 1280, 1920]) {
                await page.setViewportSize({ width, height: 800 });
                await doesNotOverflow(page);
            }
        }
    });
}
