// Moving of groups on a drawing: dragged, pressed and then pressed where to, or by arrow keys. A group's place is its
// translation.

const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
/** ms without a key after which a group that was nudged has come to rest. */
const REST = 350;
/** px within which a finger that comes down and goes up has pressed, not dragged. */
const STILL = 4;

/**
 * @param selector of the groups that can be moved; each has an id of its own
 * @param nudge    units of the drawing that a press of an arrow moves a group by
 * @param done     told the group when it has come to rest, and whether it was nudged there
 */
export function draggable(page, selector, nudge, done) {
    let dragged = null;
    let nudged = null;
    let picked = null;
    page.addEventListener('pointerdown', (event) => {
        const group = event.target.closest(selector);
        if (!group || isGround(event, group)) return;
        event.preventDefault();
        group.focus();
        group.setPointerCapture(event.pointerId);
        const at = where(group);
        const hand = under(group, event);
        dragged = {
            group,
            moved: false,
            x: event.clientX,
            y: event.clientY,
            grip: { x: at.x - hand.x, y: at.y - hand.y },
        };
    });
    page.addEventListener('pointermove', (event) => {
        if (!dragged) return;
        dragged.moved ||= Math.hypot(event.clientX - dragged.x, event.clientY - dragged.y) > STILL;
        if (!dragged.moved) return;
        const hand = under(dragged.group, event);
        place(dragged.group, { x: hand.x + dragged.grip.x, y: hand.y + dragged.grip.y });
    });
    for (const name of ['pointerup', 'pointercancel']) {
        page.addEventListener(name, () => {
            const last = dragged;
            dragged = null;
            if (last?.moved) done(last.group, false);
            else if (last && name === 'pointerup') pick(last.group === picked ? null : last.group);
        });
    }
    // Before others hear of it: the second press says where to, and is no touch of the ground.
    page.addEventListener(
        'click',
        (event) => {
            const over = event.target.closest(selector);
            if (!picked || (over && !isGround(event, over))) return;
            const group = picked;
            pick(null);
            if (!group.isConnected || event.target.closest('svg') !== group.ownerSVGElement) return;
            event.stopPropagation();
            place(group, under(group, event));
            done(group, false);
        },
        true,
    );
    /** While one is picked, what another takes of the ground is ground too; only its mark is not. */
    function isGround(event, group) {
        return picked && picked !== group && !event.target.closest('.mark-shape, .mark-number, .mark-hit, .name');
    }
    function pick(group) {
        picked?.classList.remove('picked');
        picked = group;
        picked?.classList.add('picked');
    }
    page.addEventListener('keydown', (event) => {
        if (event.key === 'Escape') pick(null);
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

/** Read, not put together: a browser may write what it has put together into the element. */
export function where(group) {
    const { e, f } = group.transform.baseVal.getItem(0).matrix;
    return { x: e, y: f };
}

/** Where the pointer is on the drawing of a group. */
export function under(group, event) {
    return onDrawing(group.ownerSVGElement, event);
}

/** Where the pointer is, in a drawing's own units. */
export function onDrawing(drawing, event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse());
}

export function place(group, { x, y }) {
    group.setAttribute('transform', `translate(${x.toFixed(2)} ${y.toFixed(2)})`);
}
