// What every browser test starts from: signed in to the demo, and no error on the console unless it is expected.
import AxeBuilder from '@axe-core/playwright';
import { execFileSync } from 'node:child_process';
import { test as base, expect } from '@playwright/test';

/** ms by which the house's clock is ahead of the machine's: bin/test says on which day the tests run. */
const AHEAD = 1000 * Number(process.env.FOX_CLOCK_SHIFT ?? 0);

/** A day of the house's calendar, as 20270228. */
export const dayFromNow = (days) =>
    new Intl.DateTimeFormat('sv-SE', { timeZone: process.env.FOX_TIME_ZONE || undefined })
        .format(Date.now() + AHEAD + days * 86_400_000)
        .replaceAll('-', '');

/** The day is the browser's, too. */
function standAtTheDay(ahead) {
    const Machine = Date;
    globalThis.Date = class extends Machine {
        constructor(...parts) {
            super(...(parts.length === 0 ? [Machine.now() + ahead] : parts));
        }
        static now() {
            return Machine.now() + ahead;
        }
    };
}

export const test = base.extend({
    /** Off where a test sets the browser's clock itself. */
    isAtTheDay: [true, { option: true }],
    context: async ({ context, isAtTheDay }, use) => {
        if (isAtTheDay) await context.addInitScript(standAtTheDay, AHEAD);
        await use(context);
    },
    /** A pattern of console errors that the test brings about itself. */
    expectedErrors: ['^$', { option: true }],
    page: async ({ page, expectedErrors }, use) => {
        const errors = [];
        page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
        page.on('pageerror', (error) => errors.push(error.message));
        await use(page);
        expect(errors.filter((error) => !new RegExp(expectedErrors).test(error))).toEqual([]);
    },
});

export { expect };

const PARTS = ['settings', 'install', 'owner', 'services'].map((part) => `bin/lib/${part}.sh`);
const SOURCED = [...PARTS, 'tests/browser/demo.sh'].map((part) => `. ${part}`).join('; ');

/** Runs a line of the start command's own shell functions on the tested instance. */
export const services = (line) => execFileSync('bash', ['-c', shell(line)], { stdio: ['ignore', 'pipe', 'pipe'] });

/** The same, for whoever runs it himself. */
export const shell = (line) => `PROFILE=${process.env.FOX_PROFILE ?? 'test'}; ${SOURCED}; ${line}`;

/** For a file whose tests change things: it begins with the demo as it comes, whatever others have done. */
export const startsFromAFreshDemo = () => test.beforeAll(() => services('fresh_demo'));

/** The session of whoever has signed in already, so that not every test spends its time at the door. */
const sessions = new Map();

export async function signIn(page, who = 'coach') {
    const session = sessions.get(who);
    if (session) {
        await page.context().addCookies(session);
        await page.goto('/');
    }
    // None yet, or a test has ended it.
    if (!session || page.url().includes('/sign-in')) sessions.set(who, await atTheDoor(page, who));
    await expect(page.locator('.strip')).toBeVisible();
    return new URL(page.url()).pathname.split('/')[1];
}

async function atTheDoor(page, who) {
    await page.goto('/sign-in');
    await page.getByLabel('E-mail').fill(`${who}@saltmarsh.example`);
    await page.getByLabel('Password').fill('lantern-on-the-quay');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.locator('.strip')).toBeVisible();
    return (await page.context().cookies()).filter(({ name }) => name === 'fox');
}

/** Nothing by the axe rules for WCAG 2.2 AA and good practice. */
export async function isAccessible(page, only = null) {
    // The short way: there are no frames to put together.
    const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode(true);
    const { violations } = await (
        only
            ? axe.withRules(only)
            : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    ).analyze();
    expect(
        violations.map(
            ({ id, nodes }) =>
                `${id}: ${nodes
                    .map((node) => node.target.join(' '))
                    .slice(0, 4)
                    .join(' | ')}`,
        ),
    ).toEqual([]);
}

/** Whoever speaks to the page says what stands there: every name holds the words that are seen. */
export async function namesHoldWhatIsSeen(page) {
    const others = await page.evaluate(() => {
        const plain = (text) =>
            text
                .toLowerCase()
                .replace(/[^\p{L}\p{N}]+/gu, ' ')
                .trim();
        const shown = (element) => getComputedStyle(element).display !== 'none';
        const seen = (element) =>
            element instanceof SVGElement
                ? [...element.querySelectorAll('text')]
                      .filter(shown)
                      .map((text) => text.textContent)
                      .join(' ')
                : [...element.querySelectorAll('.sr-only')].reduce(
                      (text, hidden) => text.replace(hidden.innerText, ''),
                      element.innerText,
                  );
        return [...document.querySelectorAll(':is(a, button, summary, [role="button"])[aria-label]')]
            .map((element) => [plain(element.getAttribute('aria-label')), plain(seen(element))])
            .filter(([name, text]) => !name.includes(text))
            .map(([name, text]) => `"${text}" is not in "${name}"`);
    });
    expect(others).toEqual([]);
}

/** On a phone: what is pressed is 44 px high and at least 24 px wide, with its label; what stands in a sentence aside. */
export async function isLargeEnough(page) {
    const small = await page.evaluate(() => {
        const pressed = 'a, button, input:not([type="hidden"]), select, summary, [role="button"]';
        const inSentence = (one) => one.matches('a') && getComputedStyle(one).display === 'inline';
        return [...document.querySelectorAll(pressed)]
            .filter((one) => !inSentence(one) && !one.closest('.sr-only, td, th, .skip'))
            .map((one) => [
                one,
                ((one.matches('[type="checkbox"], [type="radio"]') && one.labels[0]) || one).getBoundingClientRect(),
            ])
            .filter(([, box]) => box.width > 0 && (box.height < 43.5 || box.width < 23.5))
            .map(
                ([one, box]) => `${Math.round(box.width)} by ${Math.round(box.height)}: ${one.outerHTML.slice(0, 80)}`,
            );
    });
    expect(small).toEqual([]);
}

export async function doesNotOverflow(page) {
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over, `${page.url()} at ${page.viewportSize().width}`).toBeLessThanOrEqual(0);
}

/** On a phone: no word under eleven pixels, no name over another, and nothing that goes on for ever. */
export async function isReadable(page) {
    const found = await page.evaluate(() => {
        const isSeen = (one) => one.checkVisibility() && one.getBoundingClientRect().width > 0;
        const small = [...document.querySelectorAll('svg text, body :not(svg *, .sr-only, .sr-only *)')]
            .filter((one) => [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim()))
            .filter(isSeen)
            .filter((one) => {
                const matrix = one.matches('svg text') ? one.getScreenCTM() : { a: 1, b: 0 };
                return parseFloat(getComputedStyle(one).fontSize) * Math.hypot(matrix.a, matrix.b) < 10.95;
            });
        const crossing = [...document.querySelectorAll('svg')].flatMap((drawing) => {
            const labels = [...drawing.querySelectorAll('.name, .map-label, .line-name, [data-tick]')].filter(isSeen);
            const boxes = labels.map((label) => [label, label.getBoundingClientRect()]);
            return boxes.flatMap(([label, one], index) =>
                boxes
                    .slice(index + 1)
                    .filter(
                        ([, other]) =>
                            Math.min(one.right, other.right) - Math.max(one.left, other.left) > 3 &&
                            Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > 7,
                    )
                    .map(([other]) => `${label.textContent.trim()} over ${other.textContent.trim()}`),
            );
        });
        return { small: small.map((one) => one.textContent.trim().slice(0, 20)), crossing };
    });
    expect(found, page.url()).toEqual({ small: [], crossing: [] });
    const screens = await page.evaluate(() => document.documentElement.scrollHeight / innerHeight);
    expect(screens, `screens of ${page.url()}`).toBeLessThanOrEqual(5.2);
}
