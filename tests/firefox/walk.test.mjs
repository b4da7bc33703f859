// The main walk in Debian's Firefox: sign in, the situation by touch, a play on its clock, a coverage, a practice.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import puppeteer from 'puppeteer-core';

const address = process.env.FOX_ADDRESS;
let browser;
let page;
let team;
const errors = [];

before(async () => {
    browser = await puppeteer.launch({
        browser: 'firefox',
        executablePath: '/usr/bin/firefox-esr',
        headless: true,
        args: ['--width=1280', '--height=900'],
    });
    page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 900 });
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
});
after(() => browser?.close());

const text = (selector) => page.$eval(selector, (one) => one.textContent.replace(/\s+/g, ' ').trim());
const until = (condition, ...given) => page.waitForFunction(condition, { timeout: 60_000 }, ...given);
// What is clicked is waited for: a page may still be drawing when its address is there.
const click = (selector) => page.locator(selector).setTimeout(60_000).click();
const press = (selector, words) => click(`::-p-xpath(//${selector}[normalize-space()='${words}'])`);
async function open(path) {
    const answer = await page.goto(`${address}/${path}`);
    assert.equal(answer.status(), 200, path);
}

test('signed in, Today is drawn', async () => {
    await open('sign-in');
    await page.type('#email, input[type=email]', 'coach@saltmarsh.example');
    await page.type('input[type=password]', 'lantern-on-the-quay');
    await page.keyboard.press('Enter');
    // Asked in the page: what the driver holds as its address may still be the door's.
    await until(() => document.querySelector('.strip') && location.pathname !== '/sign-in');
    team = await page.evaluate(() => location.pathname.split('/')[1]);
    await page.waitForSelector('svg.drawing .fault-words');
    assert.match(await text('h1'), /things? to mend|Nothing to mend/);
});

test('the situation is set by touch, a fielder by keys', async () => {
    await open(`${team}/situations/none-0`);
    await click('#bag-first');
    await until(() => location.pathname.endsWith('/situations/R1-0'));
    await click('#outs');
    await until(() => location.pathname.endsWith('/situations/R1-1'));
    await page.$eval('#spot-4', (spot) => spot.focus());
    await page.keyboard.press('ArrowUp');
    await until(() => location.search.includes('moved=4'));
});

test('a bunt plays on its clock, the call with it', async () => {
    await open(`${team}/situations/R1-0/bunt`);
    await page.waitForSelector('.call');
    await click('[data-clock-next]');
    const at = () => page.$eval('[data-clock-bar]', (bar) => Number(bar.value));
    const released = await at();
    await click('[data-clock-run]');
    await until((from) => Number(document.querySelector('[data-clock-bar]').value) > from, released);
    assert.match(await text('[data-clock-read]'), /\d\.\d\d s/);
});

test('a coverage is drawn up, a practice is made', async () => {
    await open(`${team}/situations/R1-0/bunt/coverage/new?from=corners-crash`);
    await click('[data-job-of="7"] .mark-shape');
    await page.waitForSelector('.job-choice');
    await press("*[contains(@class, 'job-choice')]", 'Cover');
    await until(() => document.querySelectorAll('.job-choice').length >= 4);
    await press("*[contains(@class, 'job-choice')]", 'Cover third');
    await until(() => /Cover third/.test(document.querySelector('[data-job-of="7"]').getAttribute('aria-label')));
    await press('button', 'Save this coverage');
    await page.waitForSelector('.good');
    assert.match(await text('.good'), /is saved/);
    await open(`${team}/practice/new`);
    await press('button', 'Make the practice');
    await page.waitForSelector('.sheet', { timeout: 60_000 });
    assert.match(await text('h1'), /they need/);
});

test('nothing was complained of', () => assert.deepEqual(errors, []));
