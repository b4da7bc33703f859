// Every place, visited once: accessible on a laptop by day and on a phone by night, and fitting at every width.
import { doesNotOverflow, expect, isAccessible, isLargeEnough, isReadable, namesHoldWhatIsSeen, test } from './fox.mjs';
import { PLACES, signInToTerns } from './places.mjs';

/** What size and light can change, and is looked over again for them. */
const SEEN = ['color-contrast', 'target-size', 'scrollable-region-focusable'];

async function fits(page, widths) {
    for (const width of widths) {
        await page.setViewportSize({ width, height: 800 });
        await doesNotOverflow(page);
    }
}

/** What a reader may ask of any text (WCAG 1.4.12). */
const spread = (page) =>
    page.evaluate(() => {
        const apart = new CSSStyleSheet();
        apart.replaceSync(
            '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } ' +
                'p { margin-bottom: 2em !important }',
        );
        document.adoptedStyleSheets = [apart];
    });

for (const [work, places] of Object.entries(PLACES)) {
    test(`every place of ${work} is accessible by day and by night, and fits from 320 to 1920 px`, async ({
        page,
        context,
        baseURL,
    }) => {
        test.setTimeout(400_000);
        await context.addCookies([{ name: 'theme', value: 'day', url: baseURL }]);
        await page.addInitScript(() => sessionStorage.setItem('strip-unfolded', '1'));
        for (const path of await places(page, await signInToTerns(page))) {
            await page.setViewportSize({ width: 1280, height: 800 });
            await page.goto(path);
            await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
            await isAccessible(page);
            await namesHoldWhatIsSeen(page);
            expect(await page.locator('h1').count(), path).toBe(1);
            await fits(page, [1920, 1024, 768, 320]);
            await page.setViewportSize({ width: 390, height: 844 });
            await doesNotOverflow(page);
            await page.evaluate(() => (document.documentElement.dataset.theme = 'night'));
            await isAccessible(page, SEEN);
            await namesHoldWhatIsSeen(page);
            await isLargeEnough(page);
            await page.evaluate(() => sessionStorage.removeItem('strip-unfolded'));
            await page.reload();
            await isReadable(page);
            await spread(page);
            await fits(page, [320, 1280]);
        }
    });
}
