// Two touches change places: a fielder on the drawing and another, or one of the bench. Nothing is saved before the form.
const CHOSEN = 'data-chosen';

export function changePlaces(page) {
    page.addEventListener('click', (event) => touch(page, touched(event)));
    page.addEventListener('keydown', (event) => {
        const place = event.target.closest?.('g[data-place]');
        if (!place || ![' ', 'Enter'].includes(event.key)) return;
        event.preventDefault();
        touch(page, place);
    });
}

/** On the drawing the nearest, since the ground of one lies over another's; or one of the bench. */
function touched(event) {
    const place = event.target.closest('[data-place]');
    if (!place?.ownerSVGElement) return place;
    const far = (one) => {
        const { x, y, width, height } = one.querySelector('.mark-shape').getBoundingClientRect();
        return Math.hypot(x + width / 2 - event.clientX, y + height / 2 - event.clientY);
    };
    return [...place.ownerSVGElement.querySelectorAll('[data-place]')].reduce((best, one) =>
        far(one) < far(best) ? one : best,
    );
}

function touch(page, place) {
    if (!place) return;
    const first = page.querySelector(`[${CHOSEN}]`);
    first?.removeAttribute(CHOSEN);
    if (!first) place.setAttribute(CHOSEN, '');
    else if (first !== place && (first.dataset.place || place.dataset.place)) change(page, first, place);
}

function change(page, one, other) {
    const [first, second] = [one, other].map(({ dataset }) => ({ id: dataset.player, name: dataset.name }));
    put(one, second);
    put(other, first);
    // Who is not touched stays where the drawing has him.
    for (const place of page.querySelectorAll('g[data-place]')) {
        const select = page.getElementById(`at_${place.dataset.place}`);
        select.value = place.dataset.player;
        select.dispatchEvent(new Event('change', { bubbles: true }));
    }
}

function put(place, { id, name }) {
    place.dataset.player = id;
    place.dataset.name = name;
    const words = place.dataset.place ? `${place.dataset.place} ${name}` : name;
    place.setAttribute('aria-label', `${words}: change places`);
    const called = place.querySelector('.name');
    if (called) called.textContent = name.split(' ').at(-1);
    else place.textContent = name;
}
