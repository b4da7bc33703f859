// What did not reach the server, or found nobody signed in, is still there as it was typed; this says so.

/** What is done where the server was not reached, or not in time. */
export function whenNotSent(page, then) {
    for (const failed of ['htmx:sendError', 'htmx:timeout']) page.addEventListener(failed, then);
}

export function tellWhenNotSent(page) {
    whenNotSent(page, ({ detail }) => {
        if (detail?.requestConfig?.verb !== 'post') {
            // What asks by itself is nobody's press.
            if (detail?.elt?.matches('a, form')) tell(page, `No network: still showing “${document.title}”.`);
            return;
        }
        tell(page, 'No network: nothing was sent. What you typed is still here; press again when the network is back.');
    });
    page.addEventListener('htmx:afterRequest', ({ detail }) => {
        if (detail.xhr?.status !== 401 || detail.requestConfig.verb !== 'get') return;
        if (page.querySelector('[data-signed-out]')) return;
        const door = document.createElement('a');
        door.href = `/sign-in?to=${encodeURIComponent(location.pathname + location.search)}`;
        // Beside what is typed here, so that it can be gone back to.
        door.target = '_blank';
        door.dataset.signedOut = '';
        door.textContent = 'Sign in beside it';
        tell(page, 'You are signed out. What you typed is still here. ', door, ', then go on.');
    });
}

function tell(page, ...words) {
    const status = page.querySelector('main [role="status"]');
    if (!status) return;
    const said = document.createElement('p');
    said.className = 'finding mb-3 no-print';
    said.append(...words);
    status.replaceChildren(said);
    status.scrollIntoView({ block: 'nearest' });
}
