import assert from 'node:assert/strict';
import test from 'node:test';
import { choosePlaces } from '../../assets/scripts/labels.js';

const anchors = (marks) => choosePlaces(marks).map(({ anchor, y }) => `${anchor} ${y}`);

test('a name stands below its mark', () => {
    assert.deepEqual(anchors([{ x: 0, y: 0, width: 40 }]), ['middle 33']);
});

test('above where another mark is below', () => {
    assert.deepEqual(
        anchors([
            { x: 0, y: 0, width: 40 },
            { x: 0, y: 36, width: 40 },
        ]),
        ['middle -22', 'middle 33'],
    );
});

test('beside where both are taken, and names keep apart from names', () => {
    const [middle] = anchors([
        { x: 0, y: 0, width: 40 },
        { x: 0, y: 36, width: 40 },
        { x: 0, y: -32, width: 40 },
    ]);
    assert.equal(middle, 'start 5');
    const [left, right] = anchors([
        { x: 0, y: 0, width: 60 },
        { x: 40, y: 0, width: 60 },
    ]);
    assert.equal(left, 'middle 33');
    assert.equal(right, 'middle -22');
});

test('a name stays inside the drawing, where there is a place for it', () => {
    const room = { left: -100, right: 100, top: -100, bottom: 20 };
    const [{ y }] = choosePlaces([{ x: 0, y: 0, width: 40 }], room);
    assert.equal(y, -22, 'above: below it would be cut');
    assert.equal(choosePlaces([{ x: 0, y: 0, width: 40 }])[0].y, 33);
});
