// A table that is wider than the screen can be moved by keys as well: only then is it a stop of its own. All is measured
// before anything is set, or the browser lays the page out for each.
export function settleScrollers(scope) {
    const tables = [...scope.querySelectorAll('.work table')]
        .filter((table) => !table.closest('[tabindex="0"][role="region"]'))
        .map((table) => [table, table.scrollWidth > table.clientWidth + 1]);
    // Tabs that slide begin where one is.
    const slides = [...scope.querySelectorAll('nav.segments')]
        .map((tabs) => [tabs, tabs.querySelector('[aria-current="true"]')])
        .filter(([tabs, here]) => here && tabs.scrollWidth > tabs.clientWidth)
        .map(([tabs, here]) => [tabs, here.offsetLeft - tabs.offsetLeft - 24]);
    for (const [table, isWide] of tables) {
        if (isWide) table.tabIndex = 0;
        else table.removeAttribute('tabindex');
    }
    for (const [tabs, left] of slides) tabs.scrollLeft = left;
}
