// The builder: stations are moved on the map, groups are locked on the time bar. Each goes to the server as a form
// would.
import htmx from 'htmx.org/dist/htmx.esm.js';
import { draggable, where } from './drag.js';
import { whenNotSent } from './notsent.js';

const NUDGE = 5;

export function arrangePractices(page) {
    draggable(
        page,
        '[data-station]',
        () => NUDGE,
        (station) => {
            const { x, y } = where(station);
            tell(station, {
                move: station.dataset.station,
                x: (x - Number(station.dataset.homeX)).toFixed(1),
                y: (-y - Number(station.dataset.homeY)).toFixed(1),
            });
        },
    );
    // One change after the other: the next is made on what this one brings.
    page.addEventListener('submit', (event) => {
        const part = event.target.closest('[data-arrange]');
        if (part)
            setTimeout(() => {
                part.inert = true;
            });
    });
    whenNotSent(page, () => page.querySelector('[data-arrange]')?.removeAttribute('inert'));
    page.addEventListener('click', (event) => press(event, event.target.closest('[data-lock]')));
    page.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' || event.key === ' ') press(event, event.target.closest('[data-lock]'));
    });
}

function press(event, group) {
    if (!group) return;
    event.preventDefault();
    tell(group, { lock: group.dataset.lock });
}

function tell(element, values) {
    const part = element.closest('[data-arrange]');
    const { action, token, version } = part.dataset;
    part.inert = true;
    htmx.ajax('POST', action, {
        source: element,
        target: '#work',
        select: '#work',
        swap: 'outerHTML',
        values: { _token: token, version, ...values },
    });
}
