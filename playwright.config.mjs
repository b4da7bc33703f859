import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: 'tests/browser',
    outputDir: 'var/test/browser',
    fullyParallel: false,
    workers: 1,
    timeout: 30_000,
    reporter: [['list'], ['json', { outputFile: 'var/test/browser.json' }]],
    use: {
        baseURL: process.env.FOX_ADDRESS,
        viewport: { width: 1280, height: 800 },
        trace: 'retain-on-failure',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
});
