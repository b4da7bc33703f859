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

/** What is posted to a page of the door by a browser of its own, with the page's token. */
async function post(path, values, { from = path, cookie = '' } = {}) {
    const page = await fetch(`http://127.0.0.1:${port}${from}`, { headers: { cookie }, redirect: 'manual' });
    const html = await page.text();
    const door = [cookie, ...page.headers.getSetCookie().map((one) => one.split(';')[0])].filter(Boolean).join('; ');
    const [, name, token] = html.match(/name="([^"]*_(?:csrf_)?token\]?)"[^>]*value="([^"]+)"/) ?? ['', '_token', ''];
    return () =>
        fetch(`http://127.0.0.1:${port}${path}`, {
            method: 'POST',
            redirect: 'manual',
            headers: { cookie: door, 'content-type': 'application/x-www-form-urlencoded' },
            body: new URLSearchParams({ [name]: token, ...values }),
        });
}

/** All at the same moment. */
const together = async (prepared) => {
    const ready = await Promise.all(prepared);
    return Promise.all(ready.map(async (send) => ({ answer: await send() }))).then((all) =>
        Promise.all(all.map(async ({ answer }) => ({ status: answer.status, text: await answer.text(), answer }))),
    );
};
const counted = (query) =>
    Number(
        execFileSync('mariadb', [`--defaults-file=${run}/mariadb-client.cnf`, 'fox', '-N', '-e', query], {
            encoding: 'utf8',
        }),
    );
let coach;

test('of four who begin at the same moment one does, who knows the code', { timeout: 60_000 }, async () => {
    const begin = (index, code) =>
        post('/setup', {
            'start_form[code]': code,
            'start_form[club]': `Club ${index}`,
            'start_form[team]': 'Bitterns',
            'start_form[level]': 'fastpitch-12u',
            'start_form[name]': 'Ada Brink',
            'start_form[email]': `ada${index}@fen-end.example`,
            'start_form[password]': 'a heron on one leg',
        });
    const [stranger] = await together([begin(9, 'aaaa-aaaa-aaaa')]);
    assert.equal(stranger.status, 422);
    const code = readFileSync(join(run, 'setup-code'), 'utf8').trim();
    const answers = await together([0, 1, 2, 3].map((index) => begin(index, code)));
    assert.equal(answers.filter(({ status }) => status === 303).length, 1);
    assert.equal(counted('SELECT COUNT(*) FROM club'), 1);
    const { answer } = answers.find(({ status }) => status === 303);
    coach = answer.headers
        .getSetCookie()
        .map((one) => one.split(';')[0])
        .join('; ');
});

test('of six who come by one invitation at the same moment one is in', { timeout: 60_000 }, async () => {
    const [invited] = await together([
        post(
            '/bitterns/people/invite',
            { role: 'assistant', player: '', email: '' },
            { from: '/bitterns/people', cookie: coach },
        ),
    ]);
    const [, secret] = invited.text.match(/\/join\/([0-9a-f]{32})/);
    const answers = await together(
        [0, 1, 2, 3, 4, 5].map((index) =>
            post(`/join/${secret}`, { name: `Bo ${index}`, email: `bo${index}@fen-end.example` }),
        ),
    );
    assert.equal(answers.filter(({ status }) => status === 200).length, 1);
    assert.equal(counted("SELECT COUNT(*) FROM membership WHERE role = 'assistant'"), 1);
    assert.equal(counted("SELECT COUNT(*) FROM account WHERE email LIKE 'bo%'"), 1);
});

test('of twenty wrong passwords at the same moment five are judged', { timeout: 60_000 }, async () => {
    const answers = await together(
        Array.from({ length: 20 }, (_, index) =>
            post('/sign-in', { email: 'eve@fen-end.example', password: `guess ${index}` }),
        ),
    );
    const judged = answers.filter(({ text }) => text.includes('do not belong together')).length;
    assert.equal(judged, 5);
    assert.equal(answers.filter(({ text }) => text.includes('Too many wrong passwords')).length, 15);
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
