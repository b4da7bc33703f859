// Help comes into a drawer beside the page, with the keys that this page has; words say what they mean where they stand.
import htmx from 'htmx.org/dist/htmx.esm.js';

export function offerHelp(page) {
    page.addEventListener(
        'click',
        (event) => {
            const link = event.target.closest('[data-help]');
            if (!link || event.ctrlKey || event.metaKey || event.button > 0) return;
            event.preventDefault();
            event.stopPropagation();
            const drawer = page.querySelector('#help');
            if (drawer.open) drawer.close();
            else open(drawer, link);
        },
        true,
    );
    page.addEventListener('click', (event) => {
        if (event.target.closest('[data-help-close]')) page.querySelector('#help').close();
    });
    page.addEventListener('keydown', (event) => {
        const drawer = page.querySelector('#help');
        if (event.key === 'Escape' && drawer?.open) drawer.close();
    });
    // Beside the word, inside the window.
    page.addEventListener(
        'toggle',
        (event) => {
            if (!event.target.matches?.('.word-meaning') || event.newState !== 'open') return;
            const word = page.querySelector(`[popovertarget="${event.target.id}"]`).getBoundingClientRect();
            const { width, height } = event.target.getBoundingClientRect();
            const left = Math.max(8, Math.min(word.left, innerWidth - width - 8));
            const isBelow = word.bottom + height + 12 < innerHeight;
            event.target.style.left = `${left}px`;
            event.target.style.top = `${isBelow ? word.bottom + 4 : Math.max(8, word.top - height - 4)}px`;
        },
        true,
    );
}

async function open(drawer, link) {
    drawer.show();
    drawer.querySelector('[data-help-close]').focus();
    drawer.addEventListener('close', () => link.focus(), { once: true });
    await htmx.ajax('GET', link.href, { target: '#help-body', select: '#help-text', swap: 'innerHTML' });
    const keys = keysOf(document);
    const list = drawer.querySelector('[data-help-keys]');
    list.replaceChildren(...keys.flatMap(([key, does]) => [element('dt', key), element('dd', does)]));
    list.parentElement.hidden = keys.length === 0;
}

/** Keys of the page that is seen: each once, with what its control says. */
function keysOf(page) {
    const controls = [...page.querySelectorAll('[data-key]')].filter((one) => one.checkVisibility());
    const named = controls.map((one) => [
        one.dataset.key,
        (one.getAttribute('aria-label') ?? one.textContent).trim().replace(/\s+/g, ' '),
    ]);
    return [...new Map(named).entries()];
}

function element(name, text) {
    const one = document.createElement(name);
    one.textContent = text;
    return one;
}
