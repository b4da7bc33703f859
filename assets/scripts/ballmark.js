// The ball of a drawing can be dragged, or nudged with the arrow keys: where it comes to rest the server is asked.
import { draggable, where } from './drag.js';
import { visit } from './visit.js';

/** ft that a press of an arrow moves it. */
const NUDGE = 5;

export function moveBalls(page) {
    draggable(
        page,
        '[data-ball-mark]',
        () => NUDGE,
        (mark) => {
            const drawing = mark.closest('svg[data-ground]');
            const { x, y } = where(mark);
            const address = new URL(drawing.dataset.ground, page.baseURI);
            address.searchParams.set('at', `${x.toFixed(1)},${(-y).toFixed(1)}`);
            visit(drawing, address);
        },
    );
}
