// A map of plays: the pointer or the arrow keys go from spot to spot and read it out; Enter, or a touch, runs that
// play.
import { onDrawing } from './drag.js';
import { visit } from './visit.js';

const STEPS = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };

export function readPlayMaps(page) {
    page.addEventListener('click', (event) => {
        const map = event.target.closest('[data-play-map]');
        if (map) run(map, JSON.parse(map.dataset.playMap)[nearest(map, event)]);
    });
    for (const name of ['keydown', 'pointermove', 'focusin']) {
        page.addEventListener(name, (event) => {
            const map = event.target.closest?.('[data-play-map]');
            if (!map) return;
            const spots = JSON.parse(map.dataset.playMap);
            if (name === 'keydown') {
                if (event.key === 'Enter') run(map, spots[Number(map.dataset.at ?? 0)]);
                if (STEPS[event.key] === undefined) return;
                event.preventDefault();
                show(map, spots, beside(spots, Number(map.dataset.at ?? 0), STEPS[event.key]));
            } else if (name === 'focusin') {
                show(map, spots, Number(map.dataset.at ?? 0));
            } else {
                show(map, spots, nearest(map, event));
            }
        });
    }
}

// The spot under the pointer.
function nearest(map, event) {
    const { x, y } = onDrawing(map, event);
    const spots = JSON.parse(map.dataset.playMap);
    const distance = (spot) => Math.hypot(spot[0] - x, spot[1] - y);
    return spots.reduce((best, spot, index) => (distance(spot) < distance(spots[best]) ? index : best), 0);
}

// The nearest spot in a direction; the same one at the edge.
function beside(spots, at, [x, y]) {
    const from = spots[at];
    const ahead = (spot) => (spot[0] - from[0]) * x + (spot[1] - from[1]) * y;
    const far = (spot) =>
        Math.hypot(spot[0] - from[0], spot[1] - from[1]) +
        2 * Math.abs((spot[0] - from[0]) * y + (spot[1] - from[1]) * x);
    return spots.reduce(
        (best, spot, index) => (ahead(spot) > 0.1 && (best === at || far(spot) < far(spots[best])) ? index : best),
        at,
    );
}

function show(map, spots, at) {
    const spot = spots[at];
    if (!spot) return;
    map.dataset.at = at;
    const cursor = map.querySelector('[data-play-cursor]');
    cursor.setAttribute('visibility', 'visible');
    cursor.setAttribute('transform', `translate(${spot[0]} ${spot[1]})`);
    map.parentElement.querySelector('[data-play-read]').textContent = spot[3];
}

function run(map, spot) {
    const address = new URL(map.dataset.ground, document.baseURI);
    new URLSearchParams(spot[2]).forEach((value, name) => address.searchParams.set(name, value));
    visit(map, address);
}
