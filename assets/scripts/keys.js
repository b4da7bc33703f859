// A key presses the control that names it in data-key. Nothing while somebody types or has turned keys off, and once for a
// key that is held.

export function listenForKeys(page) {
    page.addEventListener('keydown', (event) => {
        if (
            document.body.dataset.keys === 'off' ||
            event.repeat ||
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            event.target.closest('input:not([type="range"]), select, textarea, [contenteditable]')
        )
            return;
        const control = page.querySelector(`[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
        if (!control) return;
        event.preventDefault();
        control.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
    });
}
