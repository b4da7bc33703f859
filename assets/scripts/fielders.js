// Infielders on a drawing marked data-move are dragged, or moved by arrow keys; where they end goes into the address.
import { visit } from './visit.js';

const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
let dragged = null;

export function moveFielders(page) {
    page.addEventListener('pointerdown', (event) => {
        const spot = event.target.closest('[data-spot]');
        if (!spot) return;
        event.preventDefault();
        spot.focus();
        spot.setPointerCapture(event.pointerId);
        dragged = { spot, drawing: spot.closest('svg[data-move]'), moved: false };
    });
    page.addEventListener('pointermove', (event) => {
        if (!dragged) return;
        dragged.moved = true;
        place(dragged.spot, new DOMPoint(event.clientX, event.clientY).matrixTransform(dragged.drawing.getScreenCTM().inverse()));
    });
    for (const name of ['pointerup', 'pointercancel']) {
        page.addEventListener(name, () => {
            const done = dragged;
            dragged = null;
            if (done?.moved) ask(done.spot);
        });
    }
    page.addEventListener('keydown', (event) => {
        const spot = event.target.closest('[data-spot]');
        const step = STEPS[event.key];
        if (!spot || !step) return;
        event.preventDefault();
        const { x, y } = where(spot);
        const half = Number(spot.dataset.pace) / 2;
        place(spot, { x: x + half * step[0], y: y + half * step[1] });
        ask(spot);
    });
}

function where(spot) {
    const { e, f } = spot.transform.baseVal.consolidate().matrix;
    return { x: e, y: f };
}

function place(spot, { x, y }) {
    spot.setAttribute('transform', `translate(${x.toFixed(2)} ${y.toFixed(2)})`);
}

function ask(spot) {
    const drawing = spot.closest('svg[data-move]');
    const { x, y } = where(spot);
    const moved = drawing.dataset.moved.split(';').filter((one) => one && !one.startsWith(`${spot.dataset.spot}:`));
    const address = new URL(drawing.dataset.move, document.baseURI);
    address.searchParams.set('moved', [...moved, `${spot.dataset.spot}:${x.toFixed(1)},${(-y).toFixed(1)}`].join(';'));
    visit(drawing, address, '#work');
}
