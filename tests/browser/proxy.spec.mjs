// As an installation on a server has it: TLS in front by Debian's nginx, a name of its own, mail by SMTP, and a database
// that somebody else keeps.
import { execFileSync, spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { expect, services, test } from './fox.mjs';
import { takeMail } from './proxy/mail.mjs';

const inside = new URL(process.env.FOX_ADDRESS);
const port = Number(inside.port) + 3;
const outside = `https://fox.example:${port}`;
const dir = services('printf %s "$RUN_DIR/tls"').toString();
let proxy;
let post;
let browser;

const within = (settings) =>
    `${settings}; . bin/lib/settings.sh; keep_environment; start_fpm; start_workers; start_nginx`;

test.beforeAll(async () => {
    // The demo alone: beside a club of somebody's own its password opens nothing from outside.
    services('fresh_demo');
    rmSync(dir, { recursive: true, force: true });
    mkdirSync(dir, { recursive: true });
    execFileSync(
        'openssl',
        [
            ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=fox.example'],
            ...['-addext', 'subjectAltName=DNS:fox.example', '-keyout', `${dir}/fox.key`, '-out', `${dir}/fox.crt`],
        ],
        { stdio: 'ignore' },
    );
    const values = { DIR: dir, PORT: port, ADDRESS: inside.origin };
    const conf = readFileSync('tests/browser/proxy/nginx.conf', 'utf8');
    writeFileSync(
        `${dir}/nginx.conf`,
        conf.replace(/@(\w+)@/g, (_, name) => values[name]),
    );
    post = await takeMail(port + 1);
    services(
        within(
            `export FOX_PUBLIC_URL=${outside} FOX_TRUSTED_PROXIES=127.0.0.1 FOX_TRUSTED_HOSTS=fox.example ` +
                `MAILER_DSN=smtp://127.0.0.1:${port + 1} FOX_MAIL_FROM=coach@fox.example FOX_DATABASE_URL=$DATABASE_URL`,
        ),
    );
    proxy = spawn('nginx', ['-p', dir, '-e', `${dir}/error.log`, '-c', `${dir}/nginx.conf`], {
        env: { ...process.env, PATH: `${process.env.PATH}:/usr/sbin` },
        stdio: 'ignore',
    });
    browser = await chromium.launch({
        executablePath: '/usr/bin/chromium-headless-shell',
        args: ['--no-sandbox', '--disable-gpu', '--host-resolver-rules=MAP fox.example 127.0.0.1'],
    });
});

test.afterAll(async () => {
    await browser?.close();
    proxy?.kill();
    post?.close();
    services(within('unset FOX_PUBLIC_URL FOX_TRUSTED_PROXIES FOX_TRUSTED_HOSTS MAILER_DSN FOX_MAIL_FROM'));
});

const visitor = async () => (await browser.newContext({ ignoreHTTPSErrors: true, baseURL: outside })).newPage();

test('behind TLS: signed in by a cookie that never goes without it, told to stay, sent on to the name outside', async () => {
    const page = await visitor();
    await expect(async () => expect((await page.goto('/')).ok()).toBe(true)).toPass({ timeout: 40_000 });
    expect(page.url()).toBe(`${outside}/sign-in`);
    await page.getByLabel('E-mail').fill('coach@saltmarsh.example');
    await page.getByLabel('Password').fill('lantern-on-the-quay');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.locator('.strip')).toBeVisible();
    expect(page.url()).toMatch(new RegExp(`^${outside}/`));
    const session = (await page.context().cookies()).find(({ name }) => name === 'fox');
    expect(session).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Lax' });
    const answer = await page.reload();
    expect((await answer.allHeaders())['strict-transport-security']).toBe('max-age=31536000');
    await page.locator('#place-carried').click();
    await expect(page.locator('svg.drawing').first()).toBeVisible();
});

test('mail goes by SMTP, from the address that was named, and its link leads outside', async () => {
    const page = await visitor();
    await page.goto('/forgotten');
    await page.getByLabel('E-mail').fill('assistant@saltmarsh.example');
    await page.getByRole('button', { name: 'Send the link' }).click();
    await expect.poll(() => post.mails.length).toBe(1);
    const mail = post.mails[0].replace(/=\n/g, '');
    expect(mail).toContain('coach@fox.example');
    expect(mail).toContain(`${outside}/reset/`);
});

test('another name is refused in plain words; who is not the proxy cannot say whence he comes', async ({ request }) => {
    const other = await request.get('/sign-in', { headers: { Host: 'fen.example' } });
    expect(other.status()).toBe(400);
    expect(await other.text()).toContain('This address cannot be read');
    expect(await other.text()).not.toContain('fen.example');
    expect((await request.get('/health')).status(), 'the machine itself may ask').toBe(200);
});

test('without TLS in front nothing is said of it', async ({ request }) => {
    services(within('unset FOX_PUBLIC_URL FOX_TRUSTED_PROXIES FOX_TRUSTED_HOSTS MAILER_DSN FOX_MAIL_FROM'));
    const forged = await request.get('/sign-in', {
        headers: { 'X-Forwarded-Proto': 'https', 'X-Forwarded-Host': 'fen.example', 'X-Forwarded-Port': '443' },
    });
    expect(forged.headers()['strict-transport-security']).toBeUndefined();
    expect(forged.headers()['set-cookie'] ?? '').not.toMatch(/secure/i);
    expect(await forged.text()).not.toContain('fen.example');
});
