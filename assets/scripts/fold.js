// On a phone what is picked is one line that says it, until it is touched; the next page has it folded again.

export function openFolds(page) {
    page.addEventListener('click', (event) => {
        const button = event.target.closest('.fold-button');
        if (!button) return;
        const open = button.parentElement.toggleAttribute('data-open');
        button.setAttribute('aria-expanded', String(open));
    });
}
