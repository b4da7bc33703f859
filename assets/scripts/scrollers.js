// A table that is wider than the screen can be moved by keys as well: only then is it a stop of its own.
export function settleScrollers(scope) {
    for (const table of scope.querySelectorAll('.work table')) {
        if (table.closest('[tabindex="0"][role="region"]')) continue;
        if (table.scrollWidth > table.clientWidth + 1) table.tabIndex = 0;
        else table.removeAttribute('tabindex');
    }
    // Tabs that slide begin where one is.
    for (const tabs of scope.querySelectorAll('nav.segments')) {
        const here = tabs.querySelector('[aria-current="true"]');
        if (here) tabs.scrollLeft = here.offsetLeft - tabs.offsetLeft - 24;
    }
}
