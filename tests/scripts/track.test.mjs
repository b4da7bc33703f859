import assert from 'node:assert/strict';
import test from 'node:test';
import { positionAt } from '../../assets/scripts/track.js';

const frames = [
    [1, 0, 0],
    [3, 10, -20],
    [3, 12, -20],
    [5, 12, 0],
];

test('an actor stands where he starts, goes straight and even, and stands where he ends', () => {
    assert.deepEqual(positionAt(frames, 0), [0, 0]);
    assert.deepEqual(positionAt(frames, 1.5), [2.5, -5]);
    assert.deepEqual(positionAt(frames, 4), [12, -10]);
    assert.deepEqual(positionAt(frames, 99), [12, 0]);
});

test('two frames at one moment are a jump, not a division by nothing', () => {
    assert.deepEqual(positionAt(frames, 3), [10, -20]);
    assert.deepEqual(positionAt(frames, 3.0001).map(Math.round), [12, -20]);
});
