// Another program that installs packages is waited for, and not for ever.
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';

/** A package program that is refused the lock some times; how waiting for it ended, and what was said. */
function install(refusals, words, patience) {
    const dir = mkdtempSync(join(tmpdir(), 'fox-'));
    const program = join(dir, 'program');
    writeFileSync(
        program,
        `#!/bin/sh\necho x >>${dir}/tries\n[ $(wc -l <${dir}/tries) -gt ${refusals} ] || { echo "${words}"; exit 100; }\n`,
    );
    chmodSync(program, 0o755);
    const { status, stdout } = spawnSync(
        'bash',
        [
            '--norc',
            '-c',
            `say() { printf '%s\\n' "$*"; }; sleep() { :; }; ROOT=$PWD LOG_DIR=${dir} PATIENCE=${patience}; . bin/lib/install.sh; ` +
                `patiently ${program} && wc -l <${dir}/tries`,
        ],
        { encoding: 'utf8' },
    );
    return { status, said: stdout.trim() };
}

const LOCKS = [
    'E: Could not get lock /var/lib/dpkg/lock-frontend. It is held by process 4711 (apt-get)',
    'E: Unable to acquire the dpkg frontend lock (/var/lib/dpkg/lock-frontend), is another process using it?',
    'E: Unable to lock directory /var/lib/apt/lists/',
];
for (const words of LOCKS) {
    test(`waited for: ${words}`, () => {
        const { status, said } = install(2, words, 300);
        assert.equal(status, 0);
        assert.equal(said, 'Another program is installing packages; waiting for it, 5 minutes at most\n3');
    });
}

test('not for ever', () => assert.equal(install(99, LOCKS[0], 0).status, 1));

test('what else goes wrong is said at once', () => {
    assert.deepEqual(install(1, 'E: Unable to locate package nonesuch', 300), { status: 1, said: '' });
});
