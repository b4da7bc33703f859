// A field that is there to be copied is chosen as a whole when it is touched.
export function selectAll(root) {
    root.addEventListener('focusin', ({ target }) => {
        if (target.matches?.('[data-select-all]')) target.select();
    });
}
