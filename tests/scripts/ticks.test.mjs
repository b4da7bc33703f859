import { strict as assert } from 'node:assert';
import { test } from 'node:test';
import { spread } from '../../assets/scripts/ticks.js';

test('words that stand apart stay where they are', () => {
    assert.deepEqual(
        spread(
            [
                { left: 0, width: 40 },
                { left: 100, width: 40 },
            ],
            200,
        ),
        [0, 100],
    );
});

test('words that would cross move to the right, eight pixels apart', () => {
    assert.deepEqual(
        spread(
            [
                { left: 10, width: 50 },
                { left: 30, width: 50 },
                { left: 90, width: 20 },
            ],
            300,
        ),
        [10, 68, 126],
    );
});

test('at the right edge the others give way to the left, none beyond the left edge', () => {
    assert.deepEqual(
        spread(
            [
                { left: 100, width: 60 },
                { left: 150, width: 60 },
            ],
            200,
        ),
        [72, 140],
    );
    assert.deepEqual(
        spread(
            [
                { left: 0, width: 90 },
                { left: 20, width: 90 },
            ],
            150,
        ),
        [0, 60],
    );
});
