import { defineConfig } from '@playwright/test';

const part = process.env.FOX_TESTS ?? 'all';

export default defineConfig({
    testDir: 'tests/browser',
    outputDir: `var/${process.env.FOX_PROFILE ?? 'test'}/browser-${part}`,
    fullyParallel: false,
    workers: 1,
    // What changes the plan, what changes people and practices, what only looks, what begins a club, what ends servers, what stands in front.
    projects: [
        { name: 'plan', testIgnore: /people|practice|walk|places\.spec|outage|begin|proxy/ },
        { name: 'people', testMatch: /people|practice|walk/ },
        { name: 'design', testMatch: /places\.spec/, grep: /of (design|the club)/ },
        { name: 'teaching', testMatch: /places\.spec/, grep: /of teaching/ },
        { name: 'proxy', testMatch: /proxy\.spec/ },
        { name: 'begin', testMatch: /begin/ },
        { name: 'outage', testMatch: /outage/ },
    ],
    // On a busy machine a page may take its time; only what fails waits for that long.
    timeout: 60_000,
    expect: { timeout: 15_000 },
    reporter: [['list'], ['json', { outputFile: `var/${process.env.FOX_PROFILE ?? 'test'}/browser-${part}.json` }]],
    use: {
        baseURL: process.env.FOX_ADDRESS,
        timezoneId: process.env.FOX_TIME_ZONE || undefined,
        viewport: { width: 1280, height: 800 },
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath: '/usr/bin/chromium-headless-shell',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
            ],
        },
    },
});
