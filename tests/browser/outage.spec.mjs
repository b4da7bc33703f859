import { spawn } from 'node:child_process';
import { expect, services, shell, signIn, test } from './fox.mjs';

test.use({ expectedErrors: 'status of (50[0-9]|422)' });

for (const [name, words] of [
    ['mariadb', /waiting for its database/],
    ['fpm', /waiting for its database/],
]) {
    test(`${name} killed: a plain page, then everything as it was`, async ({ page }) => {
        const team = await signIn(page);
        // The whole group: PHP's workers go on answering without their leader.
        services(`kill -9 -- -$(cat $RUN_DIR/${name}.pid)`);
        await expect(async () => {
            expect((await page.goto(`/${team}/situations/R1-0`)).status()).toBe(503);
        }).toPass({ timeout: 40_000 });
        await expect(page.getByRole('heading')).toHaveText(words);
        services(`start_${name}`);
        await expect(page.getByRole('heading', { level: 1 }), 'the page looks again by itself').toHaveText(
            'Double play, corners in',
            { timeout: 40_000 },
        );
        await expect(page.locator('.strip')).toContainText('Kites');
    });
}

test('nginx killed and started again', async ({ page }) => {
    const team = await signIn(page);
    services('kill -9 $(cat $RUN_DIR/nginx.pid); sleep 0.3; start_nginx');
    await page.goto(`/${team}/team`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('players');
});

test('a database that hangs is not waited for long, and what was typed is kept', async ({ page }) => {
    test.slow();
    const team = await signIn(page);
    await page.goto(`/${team}/team/player/new`);
    await page.getByLabel('Name, as called on the field').fill('Penhale');
    services('kill -STOP $(cat $RUN_DIR/mariadb.pid)');
    try {
        await page.getByRole('button', { name: 'Save the player' }).click();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('The database does not take it right now', {
            timeout: 20_000,
        });
        await expect(page.locator('table')).toContainText('Penhale');
    } finally {
        services('kill -CONT $(cat $RUN_DIR/mariadb.pid)');
    }
    await page.getByRole('button', { name: 'Send it again' }).click();
    await expect(page.locator('.field-problem').first(), 'the form, with what was typed').toContainText('It is empty');
    await expect(page.getByLabel('Name, as called on the field')).toHaveValue('Penhale');
});

test('a database that only reads: the page says so, and /health too', async ({ page, request }) => {
    test.slow();
    const team = await signIn(page);
    services('end_service mariadb KILL; DB_OPTIONS=--read-only start_mariadb');
    try {
        expect((await page.goto(`/${team}/team`)).status()).toBe(503);
        await expect(page.getByRole('heading')).toHaveText(/waiting for its database/);
        const health = await request.get('/health');
        expect([health.status(), await health.text()]).toEqual([503, 'not ok\nreading: yes\nwriting: no\n']);
    } finally {
        services('end_service mariadb KILL; start_mariadb');
    }
    await expect(page.getByRole('heading', { level: 1 }), 'the page looks again by itself').toContainText('players', {
        timeout: 40_000,
    });
});

for (const table of ['session', 'account']) {
    test(`where ${table} is locked for a while, nobody is signed out`, async ({ page }) => {
        const team = await signIn(page);
        const lock = spawn('bash', [
            '-c',
            shell(
                `mariadb --defaults-file=$RUN_DIR/mariadb-client.cnf fox -e "LOCK TABLES ${table} WRITE; SELECT SLEEP(9)"`,
            ),
        ]);
        const over = new Promise((resolve) => lock.on('close', resolve));
        await expect(async () => expect((await page.request.get(`/${team}/team`)).status()).toBe(503)).toPass();
        await over;
        await page.goto(`/${team}/team`);
        await expect(page.getByRole('heading', { level: 1 })).toContainText('players');
    });
}

test('a worker that is killed is started again, and its practice is solved', async ({ page }) => {
    test.slow();
    const team = await signIn(page);
    services('pkill -9 -g $(cat $RUN_DIR/workers.pid) "^php"');
    await page.goto(`/${team}/practice/new`);
    await page.getByRole('button', { name: 'Make the practice' }).click();
    await expect(page.locator('.sheet').first()).toBeVisible({ timeout: 60_000 });
    page.once('dialog', (dialog) => dialog.accept());
    await page.getByRole('button', { name: 'Take this practice off' }).click();
    await expect(page.locator('.good')).toContainText('The practice is taken off.');
});

test('nobody but the owner enters where the sockets are, and no secret is on a command line', async () => {
    const seen = services(
        'stat -c %a "$RUN_DIR/sock"; stat -c "%A %G" "$RUN_DIR" "$RUN_DIR/database-password" "$RUN_DIR/php-fpm.conf" ' +
            '"$RUN_DIR/mariadb-client.cnf" | sed "s/ $(id -gn "$OWNER")\$/ own/; s/ $(id -gn)\$/ own/"',
    )
        .toString()
        .trim()
        .split('\n');
    expect(seen.shift()).toBe('700');
    for (const one of seen)
        expect(one, 'nothing for others, nothing to write for its group').toMatch(/^.rw..-.---.own$/);
    const who = services(
        'ps -o user= -p "$(cat $RUN_DIR/fpm.pid),$(cat $RUN_DIR/mariadb.pid),$(cat $RUN_DIR/nginx.pid),$(cat ' +
            '$RUN_DIR/workers.pid)" | sort -u',
    )
        .toString()
        .trim();
    expect(who, 'one user, and not root').not.toMatch(/root|\n/);
    const shown = services(
        'seen=$(ps -eo args=); case $seen in *"$DB_PASSWORD"* | *"$SECRET"*) echo seen ;; *) echo hidden ;; esac',
    )
        .toString()
        .trim();
    expect(shown).toBe('hidden');
    const listens = services('ss -ltnH 2>/dev/null | grep -c ":$((WEB_PORT + 2)) " || true').toString().trim();
    expect(listens, 'PHP has no port').toBe('0');
    expect(services('[ "$DB_PASSWORD" = "$SECRET" ] && echo same || echo other').toString().trim()).toBe('other');
});

test('what has ended is started again by who watches, and a log that has grown is put aside', async ({ page }) => {
    const said = services(
        '. bin/lib/watch.sh; head -c 20000 /dev/zero | tr "\\0" x >>"$RUN_DIR/log/fpm.out"; export LOG_SIZE=10k; ' +
            'watch_services >"$RUN_DIR/log/watch.seen" & watch=$!; sleep 2; kill -9 -- -$(cat $RUN_DIR/fpm.pid); ' +
            'for i in $(seq 100); do sleep 0.1; grep -q fpm "$RUN_DIR/log/watch.seen" && ' +
            'curl -sf -o /dev/null $ADDRESS/health && break; done; kill $watch; cat "$RUN_DIR/log/watch.seen"; ' +
            'rm "$RUN_DIR/log/watch.seen"; ls "$RUN_DIR/log"; stat -c "size %s" "$RUN_DIR/log/fpm.out"',
    ).toString();
    expect(said.match(/has ended; it is started again/g), said).toHaveLength(1);
    expect(said).toMatch(/fpm has ended/);
    expect(said).toContain('fpm.out.1.gz');
    expect(Number(said.match(/size (\d+)/)[1])).toBeLessThan(20_000);
    await page.goto('/sign-in');
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
});
