// Dragging and nudging of groups on a drawing, by pointer and by arrow keys. A group's place is its translation.

const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
/** ms without a key after which a group that was nudged has come to rest. */
const REST = 350;

/**
 * @param selector of the groups that can be moved; each has an id of its own
 * @param nudge    units of the drawing that a press of an arrow moves a group by
 * @param done     told the group when it has come to rest, and whether it was nudged there
 */
export function draggable(page, selector, nudge, done) {
    let dragged = null;
    let nudged = null;
    page.addEventListener('pointerdown', (event) => {
        const group = event.target.closest(selector);
        if (!group) return;
        event.preventDefault();
        group.focus();
        group.setPointerCapture(event.pointerId);
        const at = where(group);
        const hand = under(group, event);
        dragged = { group, moved: false, grip: { x: at.x - hand.x, y: at.y - hand.y } };
    });
    page.addEventListener('pointermove', (event) => {
        if (!dragged) return;
        dragged.moved = true;
        const hand = under(dragged.group, event);
        place(dragged.group, { x: hand.x + dragged.grip.x, y: hand.y + dragged.grip.y });
    });
    for (const name of ['pointerup', 'pointercancel']) {
        page.addEventListener(name, () => {
            const last = dragged;
            dragged = null;
            if (last?.moved) done(last.group, false);
        });
    }
    page.addEventListener('keydown', (event) => {
        const group = event.target.closest(selector);
        const step = STEPS[event.key];
        if (!group || !step) return;
        event.preventDefault();
        const { x, y } = nudged?.id === group.id ? nudged : where(group);
        clearTimeout(nudged?.resting);
        nudged = {
            id: group.id,
            x: x + nudge(group) * step[0],
            y: y + nudge(group) * step[1],
            resting: setTimeout(rest, REST),
        };
        place(group, nudged);
    });
    // A page that comes while a key is held has an older place: the steps since go on from where the group was.
    document.addEventListener('htmx:afterSwap', () => {
        const group = nudged && document.getElementById(nudged.id);
        if (group) place(group, nudged);
    });

    function rest() {
        const { id, x, y } = nudged;
        nudged = null;
        const group = document.getElementById(id);
        if (!group) return;
        place(group, { x, y });
        done(group, true);
    }
}

export function where(group) {
    const { e, f } = group.transform.baseVal.consolidate().matrix;
    return { x: e, y: f };
}

function under(group, event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(group.ownerSVGElement.getScreenCTM().inverse());
}

function place(group, { x, y }) {
    group.setAttribute('transform', `translate(${x.toFixed(2)} ${y.toFixed(2)})`);
}
