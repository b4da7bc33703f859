// Touching the ground of a drawing asks the server about that point, in field feet, at the address in data-ground.
import { onDrawing } from './drag.js';
import { visit } from './visit.js';

export function listenForGround(page) {
    page.addEventListener('click', (event) => {
        const drawing = event.target.closest('svg[data-ground]:not([data-play-map])');
        // A ball that is dragged says itself where it went.
        if (!drawing || event.target.closest('[data-ball-mark]')) return;
        const point = onDrawing(drawing, event);
        const address = new URL(drawing.dataset.ground, page.baseURI);
        address.searchParams.set('at', `${point.x.toFixed(1)},${(-point.y).toFixed(1)}`);
        visit(drawing, address);
    });
}
