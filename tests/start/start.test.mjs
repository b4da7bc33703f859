// The start command as an installation uses it: another port, left behind by its caller, called by root. It runs an
// instance of its own, beside whatever runs already.
import assert from 'node:assert/strict';
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { existsSync, lstatSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { setTimeout as wait } from 'node:timers/promises';

const port = Number(process.env.FOX_TEST_PORT ?? 8185) + 5;
const run = join(process.cwd(), 'var/tried');
const environment = { ...process.env, FOX_INSTANCE: 'tried', FOX_PORT: '', FOX_SETTINGS: '/dev/null' };
delete environment.FOX_PORT;
/** '' while it is started. */
const pid = (name) => {
    try {
        return readFileSync(join(run, `${name}.pid`), 'utf8').trim();
    } catch {
        return '';
    }
};
const isRoot = process.getuid() === 0;
const owner = () => spawnSync('stat', ['-c', '%U', join(run, 'cache')], { encoding: 'utf8' }).stdout.trim();

const answers = async () => {
    try {
        return (await fetch(`http://127.0.0.1:${port}/health`)).status;
    } catch {
        return 0;
    }
};

async function comesBack() {
    for (let tries = 0; tries < 300; ++tries) {
        if ((await answers()) === 200) return;
        await wait(100);
    }
    assert.fail(`nothing answers at ${port}`);
}

async function startedAfter(name, ended) {
    while (['', ended].includes(pid(name))) await wait(50);
}

/** Starts it with a pipe of ours open beside the usual three; back comes what it said, once all of them are closed. */
const start = () =>
    new Promise((resolve, reject) => {
        const child = spawn('bin/start', ['--detach', '--empty', '--port', String(port)], {
            env: environment,
            stdio: ['ignore', 'pipe', 'pipe', 'pipe'],
        });
        let said = '';
        for (const stream of child.stdio.slice(1)) stream.on('data', (data) => (said += data));
        const late = setTimeout(() => reject(new Error(`what was open stays open: ${said}`)), 120_000);
        child.on('close', (code) => {
            clearTimeout(late);
            code === 0 ? resolve(said) : reject(new Error(said));
        });
    });

before(() => rmSync(run, { recursive: true, force: true }));
after(() => {
    spawnSync('bin/stop', { env: environment });
    rmSync(run, { recursive: true, force: true });
});

test('left behind, it holds nothing of its caller', { timeout: 150_000 }, async () => {
    assert.match(await start(), new RegExp(`answers at http://127.0.0.1:${port}\n`));
    assert.equal(await answers(), 200);
});

test('on another port, what has ended is started again there', { timeout: 60_000 }, async () => {
    for (const name of ['nginx', 'mariadb']) {
        const ended = pid(name);
        process.kill(-Number(ended), 'SIGKILL');
        await startedAfter(name, ended);
        await comesBack();
    }
});

test('nobody but root changes what root writes', { skip: !isRoot, timeout: 60_000 }, async () => {
    const treasure = join(mkdtempSync(join(tmpdir(), 'fox-')), 'treasure');
    writeFileSync(treasure, 'gold\n', { mode: 0o600 });
    const asOwner = (script) =>
        spawnSync('setpriv', [`--reuid=${owner()}`, `--regid=${owner()}`, '--init-groups', 'sh', '-c', script]).status;
    // Written a second after the start.
    while (!existsSync(join(run, 'logrotate.conf'))) await wait(50);
    for (const file of ['php-fpm.conf', 'logrotate.conf', 'environment', 'fpm.pid']) {
        assert.notEqual(asOwner(`ln -sf ${treasure} ${run}/${file}`), 0, file);
        assert.equal(statSync(join(run, file)).uid, 0, file);
    }
    // Its own logs are its own; they are opened by it, not by root.
    assert.equal(asOwner(`mv ${run}/log/fpm.out ${run}/log/old; ln -s ${treasure} ${run}/log/fpm.out`), 0);
    const ended = pid('fpm');
    process.kill(-Number(ended), 'SIGKILL');
    await startedAfter('fpm', ended);
    assert.equal(readFileSync(treasure, 'utf8'), 'gold\n');
    assert.equal(lstatSync(treasure).uid, 0);
    assert.equal(asOwner(`mv ${run}/log/old ${run}/log/fpm.out`), 0);
    await comesBack();
});

test('stopped, nothing of it is left', { timeout: 60_000 }, () => {
    const groups = ['watch', 'nginx', 'workers', 'fpm', 'mariadb'].map(pid);
    execFileSync('bin/stop', { env: environment });
    for (const group of groups) {
        const left = spawnSync('pgrep', ['--runstates', 'R,S,D,T,I', '-a', '-g', group], { encoding: 'utf8' }).stdout;
        assert.equal(left, '');
    }
});
