import assert from 'node:assert/strict';
import test from 'node:test';
import { howMany, withCount, withoutSent } from '../../assets/scripts/waiting.js';

const four = { counted: 4, grade: 'well' };

test('the last count of a player at a station waits, others beside it', () => {
    const counts = withCount(withCount(withCount({}, '/a', '1/x/p', four), '/a', '1/x/q', four), '/b', '1/x/p', four);
    assert.equal(howMany(counts), 3);
    assert.equal(howMany(withCount(counts, '/a', '1/x/p', { counted: 5, grade: 'unsure' })), 3);
    assert.equal(howMany({}), 0);
});

test('a grade takes nothing away from a count, nor the other way about', () => {
    const counted = withCount({}, '/a', '1/x/p', { counted: 4 });
    assert.deepEqual(withCount(counted, '/a', '1/x/p', { grade: 'unsure' })['/a']['1/x/p'], {
        counted: 4,
        grade: 'unsure',
    });
    assert.deepEqual(withCount({}, '/a', '1/x/p', { grade: 'none' })['/a']['1/x/p'], { grade: 'none' });
});

test('what the server has is forgotten, and nothing else', () => {
    const counts = withCount(withCount({}, '/a', '1/x/p', four), '/a', '1/x/q', four);
    assert.deepEqual(withoutSent(counts, '/a', '1/x/p', four), { '/a': { '1/x/q': four } });
    assert.deepEqual(withoutSent({ '/a': { '1/x/p': four } }, '/a', '1/x/p', four), {});
    assert.deepEqual(withoutSent({}, '/a', '1/x/p', four), {});
});

test('what was counted on while it was being sent stays', () => {
    for (const now of [
        { counted: 5, grade: 'well' },
        { counted: 4, grade: 'unsure' },
    ]) {
        const counts = { '/a': { '1/x/p': now } };
        assert.deepEqual(withoutSent(counts, '/a', '1/x/p', four), counts);
    }
});
