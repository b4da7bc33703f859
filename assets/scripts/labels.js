// Keeps the names on a drawing apart: each goes below its mark, else above, beside or aslant, where the least is in the
// way.
import { where } from './drag.js';

const PLACES = [
    { x: 0, y: 33, anchor: 'middle', left: -0.5 },
    { x: 0, y: -22, anchor: 'middle', left: -0.5 },
    { x: 21, y: 5, anchor: 'start', left: 0 },
    { x: -21, y: 5, anchor: 'end', left: -1 },
    { x: 15, y: -15, anchor: 'start', left: 0 },
    { x: -15, y: -15, anchor: 'end', left: -1 },
    { x: 15, y: 25, anchor: 'start', left: 0 },
    { x: -15, y: 25, anchor: 'end', left: -1 },
];
/** Marks are larger on a phone; the same factor as .mark-size in the style sheet. */
export const markScale = (drawing) =>
    (matchMedia('(max-width: 899px)').matches ? ('few' in (drawing?.dataset ?? {}) ? 1.05 : 1.5) : 1) *
    Number(drawing?.dataset.nearness ?? 1);

/** What a drawing shows, in pixels that are so many feet. */
export function roomOf(drawing, pixel) {
    const { x, y, width, height } = drawing.viewBox.baseVal;
    return { left: x / pixel, right: (x + width) / pixel, top: y / pixel, bottom: (y + height) / pixel };
}

/** A drawing that stands still, marked data-names with the feet that a pixel of the laptop's drawing is. */
export function placeNames(scope) {
    for (const drawing of scope.querySelectorAll('svg[data-names]')) {
        const pixel = Number(drawing.dataset.names) * markScale(drawing);
        placeLabels(
            [...drawing.querySelectorAll('.name')].map((text) => {
                const { x, y } = where(text.closest('[transform^="translate"]'));
                return { text, x: x / pixel, y: y / pixel };
            }),
            roomOf(drawing, pixel),
            [...drawing.querySelectorAll('[data-plate]')].map((plate) => boxOf(plate, pixel)),
        );
    }
}

/** What is written on a plate, in pixels that are so many feet; its group is moved and scaled, and not turned. */
function boxOf(plate, pixel) {
    const { x, y } = where(plate.parentElement);
    const scale = plate.parentElement.transform.baseVal.consolidate().matrix.a / pixel;
    const { width, height } = plate.getBBox();
    return { left: x / pixel, right: x / pixel + width * scale, top: y / pixel, bottom: y / pixel + height * scale };
}

const MARK = 16;
const HEIGHT = 13;

/** marks: [{text, x, y}] with the mark's middle in the pixels that the text's own place is given in. */
export function placeLabels(marks, room, plates = []) {
    for (const mark of marks) mark.width ??= mark.text.getComputedTextLength();
    for (const [index, { x, y, anchor }] of choosePlaces(marks, room, plates).entries()) {
        marks[index].text.setAttribute('x', x);
        marks[index].text.setAttribute('y', y);
        marks[index].text.setAttribute('text-anchor', anchor);
    }
}

/**
 * marks: [{x, y, width of the name}]; room: the box to stay in; plates: boxes that are taken. Back comes the place of
 * each name beside its mark, in order: { x, y, anchor }.
 */
export function choosePlaces(marks, room = null, plates = []) {
    const taken = marks.map(({ x, y }) => ({ left: x - MARK, right: x + MARK, top: y - MARK, bottom: y + MARK }));
    return marks.map((mark, index) => {
        const boxes = PLACES.map((place) => box(mark, place));
        const covered = boxes.map((one) =>
            [...taken, ...plates].reduce(
                (sum, other, at) => sum + (at === index ? 0 : overlap(one, other)),
                room ? outside(one, room) : 0,
            ),
        );
        const chosen = covered.indexOf(Math.min(...covered));
        taken.push(boxes[chosen]);
        return PLACES[chosen];
    });
}

function box(mark, place) {
    const left = mark.x + place.x + place.left * mark.width;
    return { left, right: left + mark.width, top: mark.y + place.y - HEIGHT, bottom: mark.y + place.y + 2 };
}

/** The area of a box that is beyond the room; it counts as if it were all covered, and more. */
function outside(one, room) {
    return 3 * ((one.right - one.left) * (one.bottom - one.top) - overlap(one, room));
}

/** The area that two boxes share. */
function overlap(a, b) {
    return (
        Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) *
        Math.max(0, Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top))
    );
}
