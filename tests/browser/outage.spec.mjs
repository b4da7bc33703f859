import { execFileSync } from 'node:child_process';
import { expect, signIn, test } from './fox.mjs';

// Runs a line of the start command's own shell functions on the tested instance.
const services = (line) => execFileSync('bash', ['-c', `PROFILE=test; . bin/lib/settings.sh; . bin/lib/install.sh; . bin/lib/owner.sh; . bin/lib/services.sh; ${line}`], { stdio: ['ignore', 'pipe', 'pipe'] });

test.use({ expectedErrors: 'status of 50[0-9]' });

for (const [name, words] of [['mariadb', /waiting for its database/], ['fpm', /waiting for its database/]]) {
    test(`${name} killed: a plain page, then everything as it was`, async ({ page }) => {
        const team = await signIn(page);
        // The whole group: PHP's workers go on answering without their leader.
        services(`kill -9 -- -$(cat $RUN_DIR/${name}.pid)`);
        await expect(async () => {
            expect((await page.goto(`/${team}/field/R1-0`)).status()).toBe(503);
        }).toPass({ timeout: 10_000 });
        await expect(page.getByRole('heading')).toHaveText(words);
        services(`start_${name}`);
        await expect(page.getByRole('heading', { level: 1 }), 'the page looks again by itself').toHaveText('Double play, corners in', { timeout: 15_000 });
        await expect(page.locator('.strip')).toContainText('Kites');
    });
}

test('nginx killed and started again', async ({ page }) => {
    const team = await signIn(page);
    services('kill -9 $(cat $RUN_DIR/nginx.pid); sleep 0.3; start_nginx');
    await page.goto(`/${team}/team`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('players');
});
