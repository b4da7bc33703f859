// Infielders on a drawing marked data-move are dragged, or moved by arrow keys; where they end goes into the address.
import { draggable, where } from './drag.js';
import { visit } from './visit.js';

export function moveFielders(page) {
    draggable(page, '[data-spot]', (spot) => Number(spot.dataset.pace) / 2, ask);
}

function ask(spot, wasNudged) {
    const drawing = spot.closest('svg[data-move]');
    const { x, y } = where(spot);
    const moved = drawing.dataset.moved.split(';').filter((one) => one && !one.startsWith(`${spot.dataset.spot}:`));
    const address = new URL(drawing.dataset.move, document.baseURI);
    address.searchParams.set('moved', [...moved, `${spot.dataset.spot}:${x.toFixed(1)},${(-y).toFixed(1)}`].join(';'));
    visit(drawing, address, { part: '#work', replaces: wasNudged });
}
