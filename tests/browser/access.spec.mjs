import { expect, isAccessible, isLargeEnough, namesHoldWhatIsSeen, test } from './fox.mjs';
import { PLACES, signInToTerns } from './places.mjs';

/** What size and light can change, and is looked over again for them. */
const SEEN = ['color-contrast', 'target-size', 'scrollable-region-focusable'];

for (const [work, places] of Object.entries(PLACES)) {
    test(`every place of ${work} is accessible on a laptop by day and on a phone by night`, async ({
        page,
        context,
        baseURL,
    }) => {
        test.setTimeout(180_000);
        await context.addCookies([{ name: 'theme', value: 'day', url: baseURL }]);
        for (const path of await places(page, await signInToTerns(page))) {
            await page.setViewportSize({ width: 1280, height: 800 });
            await page.goto(path);
            await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
            await isAccessible(page);
            await namesHoldWhatIsSeen(page);
            expect(await page.locator('h1').count(), path).toBe(1);
            await page.setViewportSize({ width: 390, height: 844 });
            await page.evaluate(() => (document.documentElement.dataset.theme = 'night'));
            await isAccessible(page, SEEN);
            await namesHoldWhatIsSeen(page);
            await isLargeEnough(page);
        }
    });
}
