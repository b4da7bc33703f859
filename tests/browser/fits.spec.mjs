import { doesNotOverflow, test } from './fox.mjs';
import { PLACES, signInToTerns } from './places.mjs';

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
