// Keeps the words under and over a time bar apart: each row moves no more than it must, inside the bar's width.
const GAP = 8;

/**
 * Boxes of one row, moved apart. boxes: [{left, width}] in order; back come their new lefts. Where all do not fit into
 * the room, they begin at its left edge, one beside the other.
 */
export function spread(boxes, room) {
    const lefts = [];
    let free = 0;
    for (const { left, width } of boxes) {
        lefts.push(Math.max(left, free));
        free = lefts.at(-1) + width + GAP;
    }
    let edge = room;
    for (let at = boxes.length - 1; at >= 0; --at) {
        lefts[at] = Math.max(0, Math.min(lefts[at], edge - boxes[at].width));
        edge = lefts[at] - GAP;
    }
    return lefts;
}

export function placeTicks(scope) {
    for (const bar of scope.querySelectorAll('svg.clock-ticks')) {
        const room = bar.clientWidth;
        if (room === 0) continue;
        for (const row of ['over', 'between', 'under']) {
            const labels = [...bar.querySelectorAll(`[data-tick="${row}"]`)];
            for (const label of labels) label.removeAttribute('transform');
            const at = bar.getBoundingClientRect().left;
            const boxes = labels
                .map((label) => ({ label, box: label.getBoundingClientRect() }))
                .map(({ label, box }) => ({ label, left: box.left - at, width: box.width }))
                .sort((one, other) => one.left - other.left);
            spread(boxes, room).forEach((left, index) => {
                const by = left - boxes[index].left;
                if (Math.abs(by) > 0.5) boxes[index].label.setAttribute('transform', `translate(${by.toFixed(1)} 0)`);
            });
        }
    }
}
