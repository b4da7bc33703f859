#!/usr/bin/env node
// Takes the pictures of docs/screenshots anew, from the demo of the started instance as it comes.
// Usage: bin/console fox:demo && node tests/Tools/screenshots.mjs [NAME…]
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const port = readFileSync('var/start/port', 'utf8').trim();
const base = `http://127.0.0.1:${port}`;
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** A page's address below the team, and what is done on it before it is taken. */
const PICTURES = {
    today: [''],
    team: ['/team'],
    known: ['/how-we-know'],
    'stopwatch-phone': ['/team/stopwatch'],
    situations: ['/situations?inning=7&half=top&score=-1&batter=slapper'],
    rules: ['/situations/rules'],
    depths: ['/situations/depths'],
    field: ['/situations/R1-0'],
    air: ['/situations/R2-1/air'],
    bunt: ['/situations/R1-0/bunt', released],
    'ground-ball': ['/situations/R1-0/ground-ball'],
    outfield: ['/situations/R1-1/outfield?hit=-70,205&flight=line'],
    // The baseball team: in fastpitch nobody leads off.
    runners: ['/../terns/situations/R2-1/runners'],
    'bunt-map': ['/situations/R1R2-0/bunt/all?with=wheel'],
    coverage: ['/situations/R1-0/bunt/coverage/new?from=first-stays'],
    practice: [nextPractice],
    needs: ['/practice/needs'],
    drill: ['/practice/drills/charge-and-throw'],
    'run-phone': [async (page, team) => `${await nextPractice(page, team)}/run`, inARound],
};

async function nextPractice(page, team) {
    await page.goto(`${base}${team}/practice`);
    return (await page.locator('tbody a').first().getAttribute('href')).replace(team, '');
}

/** The bar where the ball leaves the hand. */
async function released(page) {
    await page.locator('[data-clock-bar]').evaluate((bar) => {
        bar.value = bar.defaultValue;
        bar.dispatchEvent(new Event('input'));
    });
}

async function inARound(page) {
    page.on('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Start now' }).click();
    for (let step = 0; step < 3; ++step) await page.getByRole('button', { name: 'Next' }).click();
}

const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu'],
});
const context = await browser.newContext({ viewport: LAPTOP });
const page = await context.newPage();
await page.goto(`${base}/sign-in`);
await page.getByLabel('E-mail').fill('coach@saltmarsh.example');
await page.getByLabel('Password').fill('lantern-on-the-quay');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.locator('.strip').waitFor();
const team = new URL(page.url()).pathname;
const wanted = process.argv.length > 2 ? process.argv.slice(2) : Object.keys(PICTURES);
for (const name of wanted) {
    const [where, then] = PICTURES[name];
    await page.setViewportSize(name.endsWith('-phone') ? PHONE : LAPTOP);
    await page.goto(base + team + (typeof where === 'string' ? where : await where(page, team)));
    if (then) await then(page);
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    console.log(name);
}
await browser.close();
