// The ring of jobs around a fielder: inside the drawing, no button on another, wherever he stands.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { places } from '../../assets/scripts/ring.js';

const DRAWING = { width: 358, height: 231 };

for (const count of [1, 2, 4, 5, 6]) {
    test(`${count} buttons, on a phone's drawing`, () => {
        for (let x = 0; x <= DRAWING.width; x += 34)
            for (let y = 0; y <= DRAWING.height; y += 33) {
                const ring = places(count, { x, y }, DRAWING);
                for (const [index, one] of ring.entries()) {
                    assert.ok(one.x >= 41 && one.x <= DRAWING.width - 41, `${x} ${y}: ${one.x}`);
                    for (const other of ring.slice(0, index))
                        assert.ok(Math.hypot(one.x - other.x, one.y - other.y) > 60, `${x} ${y}`);
                }
            }
    });
}

test('one alone is above the mark, as far as the ring is wide', () => {
    assert.deepEqual(
        places(1, { x: 300, y: 300 }, { width: 692, height: 446 }).map(({ x, y }) => [Math.round(x), Math.round(y)]),
        [[300, 208]],
    );
});
