// What takes longer than a moment says so, and what was looked at comes back where it was.

/** ms after which somebody begins to wonder. */
const WONDER = 300;

export function tellBusy(page) {
    const under = new Map();
    page.addEventListener('htmx:beforeRequest', ({ detail }) => {
        // What asks by itself is nobody's press.
        if (detail.elt.matches('[data-run], [data-hx-trigger="stale"]')) return;
        under.set(
            detail.xhr,
            setTimeout(() => {
                page.documentElement.dataset.busy = 'yes';
                page.querySelector('main')?.setAttribute('aria-busy', 'true');
            }, WONDER),
        );
        // Its own end: who asked may be gone from the page by then, and nobody hears of it.
        detail.xhr.addEventListener('loadend', () => settle(detail.xhr));
    });

    function settle(request) {
        clearTimeout(under.get(request));
        under.delete(request);
        if (under.size > 0) return;
        delete page.documentElement.dataset.busy;
        page.querySelector('main')?.removeAttribute('aria-busy');
    }
}

const STILL = { preventScroll: true };

const key = (address) => `at ${address}`;

/** Back in the history, and after a button of the same page, the page stands where it stood. */
export function keepPlace(page) {
    let before = null;
    let isByRail = false;
    const keep = () => sessionStorage.setItem(key(location.href), String(Math.round(scrollY)));
    addEventListener('pagehide', keep);
    page.addEventListener('htmx:beforeRequest', ({ detail }) => {
        keep();
        isByRail = detail.boosted && detail.elt.closest('.rail') !== null;
        before =
            detail.requestConfig.verb === 'post' && detail.boosted ? { path: location.pathname, y: scrollY } : null;
    });
    page.addEventListener('htmx:afterSettle', ({ detail }) => {
        const last = before;
        before = null;
        // Whoever chose a place wants to read it, not the rail again.
        if (isByRail) (page.querySelector('#work [autofocus]') ?? page.querySelector('#work'))?.focus(STILL);
        isByRail = false;
        const isSame = last && new URL(detail.xhr?.responseURL || location.href).pathname === last.path;
        if (isSame && !page.querySelector('main [aria-invalid="true"], main [role="alert"]')) scrollTo(0, last.y);
    });
    page.addEventListener('htmx:historyRestore', () =>
        scrollTo(0, Number(sessionStorage.getItem(key(location.href)) ?? 0)),
    );
}
