// Arrow keys move through the cells of a grid marked data-grid with its number of columns.

const STEPS = {
    ArrowLeft: () => -1,
    ArrowRight: () => 1,
    ArrowUp: (columns) => -columns,
    ArrowDown: (columns) => columns,
};

export function moveByArrows(page) {
    page.addEventListener('keydown', (event) => {
        const grid = event.target.closest('[data-grid]');
        const step = STEPS[event.key];
        if (!grid || !step) return;
        const cells = [...grid.querySelectorAll('[data-cell]')];
        const next = cells[cells.indexOf(event.target) + step(Number(grid.dataset.grid))];
        if (!next) return;
        event.preventDefault();
        next.focus();
    });
}
