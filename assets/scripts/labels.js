// Keeps the names on a drawing apart: each goes below its mark, else above, right or left, where it is free.

const PLACES = [
    { x: 0, y: 33, anchor: 'middle', left: -0.5 },
    { x: 0, y: -22, anchor: 'middle', left: -0.5 },
    { x: 21, y: 5, anchor: 'start', left: 0 },
    { x: -21, y: 5, anchor: 'end', left: -1 },
];
const MARK = 16;
const HEIGHT = 13;

/** marks: [{text, x, y}] with the mark's middle in the pixels that the text's own place is given in. */
export function placeLabels(marks) {
    const taken = marks.map(({ x, y }) => ({ left: x - MARK, right: x + MARK, top: y - MARK, bottom: y + MARK }));
    for (const [index, mark] of marks.entries()) {
        mark.width ??= mark.text.getComputedTextLength();
        const boxes = PLACES.map((place) => box(mark, place));
        const free = boxes.findIndex((one) => taken.every((other, at) => at === index || !overlap(one, other)));
        const chosen = free === -1 ? 0 : free;
        mark.text.setAttribute('x', PLACES[chosen].x);
        mark.text.setAttribute('y', PLACES[chosen].y);
        // The style sheet sets the anchor of a name; only a style of its own goes before it.
        mark.text.style.textAnchor = PLACES[chosen].anchor;
        taken.push(boxes[chosen]);
    }
}

function box(mark, place) {
    const left = mark.x + place.x + place.left * mark.width;
    return { left, right: left + mark.width, top: mark.y + place.y - HEIGHT, bottom: mark.y + place.y + 2 };
}

function overlap(a, b) {
    return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}
