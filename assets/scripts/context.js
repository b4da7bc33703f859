// A changed choice in a form marked data-at-once is sent at once.

export function submitOnChange(page) {
    page.addEventListener('change', (event) => {
        const form = event.target.closest('form[data-at-once]');
        if (form) form.requestSubmit();
    });
}
