// What an installation says of itself, and what is refused with a sentence before anything is started.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';

/** The shell's own functions with an environment and a file of settings; what it says and how it ends. */
function settle(environment, lines = '', show = '') {
    const file = join(mkdtempSync(join(tmpdir(), 'fox-')), 'settings.env');
    writeFileSync(file, lines);
    const { status, stdout, stderr } = spawnSync(
        'bash',
        [
            '--norc',
            '-c',
            `say() { printf '%s\\n' "$*"; }; fail() { printf '%s\\n' "$*" >&2; exit 1; }
            . bin/lib/environment.sh; read_settings "$1"; settle_environment; ${show}`,
            'settings',
            file,
        ],
        { env: { PATH: process.env.PATH, ...environment }, encoding: 'utf8' },
    );
    return { status, said: (stdout + stderr).replaceAll(file, 'FILE').trim() };
}

for (const [environment, said] of [
    [{ FOX_LISTEN: 'everywhere' }, /^FOX_LISTEN is "everywhere"; allowed: an address/],
    [{ FOX_PUBLIC_URL: 'fox.example' }, /^FOX_PUBLIC_URL is "fox.example"; allowed: http/],
    [{ FOX_PUBLIC_URL: 'https://fox.example/path' }, /without a path/],
    [{ FOX_PUBLIC_URL: 'https://fox.example' }, /FOX_TRUSTED_PROXIES has to say/],
    [{ FOX_TRUSTED_PROXIES: '127.0.0.1;10.0.0.1' }, /with commas between them/],
    [{ FOX_TRUSTED_HOSTS: '.*' }, /names of hosts/],
    [{ FOX_TRUSTED_HOSTS: 'fox.example, other.example' }, /names of hosts/],
    [{ FOX_DATABASE_URL: 'postgres://a:b@c/d' }, /mysql:\/\/user:password@host:port\/name/],
    [{ FOX_PORT: '80' }, /a number from 1024 to 65000/],
    [{ FOX_TIME_ZONE: 'Mars/Olympus' }, /FOX_TIME_ZONE is "Mars\/Olympus"; allowed: a zone/],
    [{ FOX_TIME_ZONE: '../../etc/passwd' }, /allowed: a zone/],
    [{ FOX_CLOCK_SHIFT: 'tomorrow' }, /a number of seconds/],
    [{ FOX_FIGURES_MB: '1' }, /a number of megabytes/],
    [{ FOX_COMPILED_MB: 'much' }, /a number of megabytes/],
    [{ FOX_BACKUP_DIR: 'backups' }, /the full path of a folder/],
    [{ FOX_BACKUP_PASSPHRASE: 'short' }, /twelve letters or more/],
]) {
    test(`refused: ${JSON.stringify(environment)}`, () => {
        const answer = settle(environment);
        assert.equal(answer.status, 1);
        assert.match(answer.said, said);
    });
}

test('what is given is what the services are told', () => {
    const answer = settle(
        { FOX_TRUSTED_HOSTS: 'fox.example,www.fox.example', FOX_TRUSTED_PROXIES: '10.0.0.0/8,::1,private_ranges' },
        '# ours\n\nFOX_LISTEN=0.0.0.0\nFOX_PUBLIC_URL="https://fox.example"\n',
        'echo "$LISTEN $NEAR $SYMFONY_TRUSTED_HOSTS $SYMFONY_TRUSTED_PROXIES $FOX_PUBLIC_URL"',
    );
    assert.deepEqual(answer, {
        status: 0,
        said:
            '0.0.0.0 127.0.0.1 ^fox\\.example$,^www\\.fox\\.example$,^127\\.0\\.0\\.1$ ' +
            '10.0.0.0/8,::1,private_ranges https://fox.example',
    });
});

test('without anything said: this machine alone, nobody in front, any name', () => {
    const answer = settle({}, '', 'echo "$LISTEN $NEAR ($SYMFONY_TRUSTED_HOSTS) ($SYMFONY_TRUSTED_PROXIES)"');
    assert.deepEqual(answer, { status: 0, said: '127.0.0.1 127.0.0.1 () ()' });
});

test('a file of settings is read and never run, and the environment comes first', () => {
    const run = settle({}, 'FOX_MAIL_FROM=$(echo ran)\n', 'echo "$FOX_MAIL_FROM"');
    assert.equal(run.said, '$(echo ran)');
    const first = settle({ FOX_LISTEN: '[::1]' }, 'FOX_LISTEN=0.0.0.0\n', 'echo "$LISTEN $NEAR"');
    assert.equal(first.said, '[::1] [::1]');
    const unknown = settle({}, '\nPATH=/elsewhere\n');
    assert.match(unknown.said, /^FILE, line 2: "PATH" is not known; allowed: NAME=value with one of FOX_PORT/);
    assert.equal(settle({}, 'FOX_LISTEN\n').status, 1);
});
