// On a phone what is picked is one line that says it, and what is asked later is its heading, until they are touched; the
// next page has them folded again.
const PHONE = matchMedia('(max-width: 899px)');

export function openFolds(page) {
    page.addEventListener('click', (event) => {
        const button = event.target.closest('.fold-button, .fold-head');
        if (!button) return;
        const open = button.closest('.fold, .folds').toggleAttribute('data-open');
        button.setAttribute('aria-expanded', String(open));
    });
}

PHONE.addEventListener('change', () => settleFolds(document));

/** Headings of what is folded become buttons on a phone. */
export function settleFolds(scope) {
    if (!PHONE.matches) return;
    for (const heading of scope.querySelectorAll('.folds > h2:not(:has(.fold-head))')) {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'fold-head';
        button.setAttribute('aria-expanded', String(heading.parentElement.hasAttribute('data-open')));
        button.append(...heading.childNodes);
        heading.append(button);
    }
}
