// On a phone the strip folds to diamond, outs and batter; whoever has unfolded it finds it so on the next page.
const KEPT = 'strip-unfolded';

export function foldStrips(page) {
    page.addEventListener('click', (event) => {
        const fold = event.target.closest('[data-strip-fold]');
        if (!fold) return;
        if (unfolded()) sessionStorage.removeItem(KEPT);
        else sessionStorage.setItem(KEPT, '1');
        settleStrip(page);
    });
}

export function settleStrip(page) {
    const fold = page.querySelector('[data-strip-fold]');
    if (!fold) return;
    fold.setAttribute('aria-expanded', String(unfolded()));
    fold.closest('.strip').toggleAttribute('data-unfolded', unfolded());
}

const unfolded = () => sessionStorage.getItem(KEPT) !== null;
