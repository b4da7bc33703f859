// What was typed and not sent yet is not left without a question. Forms that keep something are marked data-guard.

const QUESTION = 'Leave this page? What you typed on it is not saved.';
/** Forms that differ from how they came. */
const changed = new Set();

export function guardForms(page) {
    page.addEventListener('input', (event) => {
        const form = event.target.closest('form[data-guard]');
        if (form) changed.add(form);
    });
    page.addEventListener('submit', (event) => changed.delete(event.target), true);
    // Before anybody else hears of it: a link, or a key that stands for one.
    page.addEventListener(
        'click',
        (event) => {
            const link = event.target.closest?.('a[href], [data-bag], [data-outs]');
            if (!link || link.target === '_blank' || event.ctrlKey || event.metaKey || !isLost()) return;
            if (confirm(QUESTION)) {
                changed.clear();
                return;
            }
            event.preventDefault();
            event.stopImmediatePropagation();
        },
        true,
    );
    window.addEventListener('beforeunload', (event) => {
        if (isLost()) event.preventDefault();
    });
}

function isLost() {
    for (const form of changed) {
        if (!form.isConnected) changed.delete(form);
    }
    return changed.size > 0;
}
