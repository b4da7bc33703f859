// A form that did not reach the server is still there as it was typed; this says so.

export function tellWhenNotSent(page) {
    for (const failed of ['htmx:sendError', 'htmx:timeout']) {
        page.addEventListener(failed, (event) => {
            if (event.detail?.requestConfig?.verb !== 'post') return;
            const status = page.querySelector('main [role="status"]');
            if (!status) return;
            const words = document.createElement('p');
            words.className = 'finding mb-3 no-print';
            words.textContent =
                'No network: nothing was sent. What you typed is still here; press again when the network is back.';
            status.replaceChildren(words);
            status.scrollIntoView({ block: 'nearest' });
        });
    }
}
