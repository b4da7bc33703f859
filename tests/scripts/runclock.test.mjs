import assert from 'node:assert/strict';
import test from 'node:test';
import { clockAfter, minutesAndSeconds } from '../../assets/scripts/runclock.js';

const run = {
    runs: true,
    index: 2,
    left: 5000,
    ahead: [
        [3, 5000],
        [4, 65000],
        [5, 70000],
    ],
};

test('within the block it counts down', () => {
    assert.deepEqual(clockAfter(run, 0), { index: 2, left: 5000 });
    assert.deepEqual(clockAfter(run, 4999), { index: 2, left: 1 });
});

test('blocks follow each other without the server, to the end of all', () => {
    assert.deepEqual(clockAfter(run, 5000), { index: 3, left: 60000 });
    assert.deepEqual(clockAfter(run, 66000), { index: 4, left: 4000 });
    assert.deepEqual(clockAfter(run, 70000), { index: 5, left: 0 });
    assert.deepEqual(clockAfter(run, 9e9), { index: 5, left: 0 });
});

test('a clock that stands, and none at all', () => {
    assert.deepEqual(clockAfter({ ...run, runs: false }, 60000), { index: 2, left: 5000 });
    assert.deepEqual(clockAfter(null, 60000), { index: 0, left: 0 });
});

test('a begun second counts whole', () => {
    assert.equal(minutesAndSeconds(720000), '12:00');
    assert.equal(minutesAndSeconds(59001), '1:00');
    assert.equal(minutesAndSeconds(9000), '0:09');
    assert.equal(minutesAndSeconds(-400), '0:00');
});
