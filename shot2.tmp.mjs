import { chromium } from '@playwright/test';
const [, , path, out, w = '1280', h = '800', who = 'none'] = process.argv;
const b = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu'],
});
const c = await b.newContext({ viewport: { width: +w, height: +h } });
const p = await c.newPage();
if (who !== 'none') {
    await p.goto('http://127.0.0.1:8085/sign-in');
    await p.fill('input[type=email]', who + '@saltmarsh.example');
    await p.fill('input[type=password]', 'lantern-on-the-quay');
    await p.click('button:has-text("Sign in")');
    await p.waitForLoadState();
}
const r = await p.goto('http://127.0.0.1:8085' + path);
console.log(r.status(), await p.title());
await p.waitForTimeout(400);
await p.screenshot({ path: out });
await b.close();
