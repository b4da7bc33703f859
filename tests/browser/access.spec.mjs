import { expect, isAccessible, isLargeEnough, namesHoldWhatIsSeen, test } from './fox.mjs';
import { PLACES, signInToTerns } from './places.mjs';

// On the phone only what size and theme can change is looked over again.
for (const [device, size, theme, only] of [
    ['laptop', { width: 1280, height: 800 }, 'day', null],
    ['phone', { width: 390, height: 844 }, 'night', ['color-contrast', 'target-size', 'scrollable-region-focusable']],
]) {
    for (const [work, places] of Object.entries(PLACES)) {
        test(`every place of ${work} is accessible on a ${device} by ${theme}`, async ({ page, context, baseURL }) => {
            test.setTimeout(180_000);
            await page.setViewportSize(size);
            await context.addCookies([{ name: 'theme', value: theme, url: baseURL }]);
            for (const path of await places(page, await signInToTerns(page))) {
                await page.goto(path);
                await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
                await isAccessible(page, only);
                await namesHoldWhatIsSeen(page);
                expect(await page.locator('h1').count(), path).toBe(1);
                if (device === 'phone') await isLargeEnough(page);
            }
        });
    }
}
