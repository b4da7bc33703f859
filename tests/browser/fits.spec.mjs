import { doesNotOverflow, test } from './fox.mjs';
import { PLACES, signInToTerns } from './places.mjs';

for (const [work, places] of Object.entries(PLACES)) {
    test(`every place of ${work} fits from 320 to 1920 px, and with letters farther apart`, async ({ page }) => {
        test.slow();
        await page.addInitScript(() => sessionStorage.setItem('strip-unfolded', '1'));
        for (const path of await places(page, await signInToTerns(page))) {
            await page.goto(path);
            for (const width of [320, 390, 768, 1024, 1280, 1920]) {
                await page.setViewportSize({ width, height: 800 });
                await doesNotOverflow(page);
            }
            // What a reader may ask of any text (WCAG 1.4.12).
            await page.evaluate(() => {
                const apart = new CSSStyleSheet();
                apart.replaceSync(
                    '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } ' +
                        'p { margin-bottom: 2em !important }',
                );
                document.adoptedStyleSheets = [apart];
            });
            for (const width of [320, 1280]) {
                await page.setViewportSize({ width, height: 800 });
                await doesNotOverflow(page);
            }
        }
    });
}
