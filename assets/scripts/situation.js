// The control of the situation: bags and outs are taken as fast as they are pressed, and shown at once; the page of
// what
// they make together is asked for when the fingers rest. What is pressed while a page is on its way is not lost.
import { whenNotSent } from './notsent.js';
import { visit } from './visit.js';

const REST = 140;
/** What was pressed, as "R1R3-2"; null while the page shows it. */
let wanted = null;
/** What the page that is on its way will show. */
let asked = null;
let resting = 0;

export function takeSituations(page) {
    // Before the link itself hears of it.
    page.addEventListener(
        'click',
        (event) => {
            const control = event.target.closest?.('[data-situation] [data-bag], [data-situation] [data-outs]');
            if (!control || event.button !== 0 || event.ctrlKey || event.metaKey || event.shiftKey) return;
            event.preventDefault();
            event.stopImmediatePropagation();
            const strip = control.closest('[data-situation]');
            wanted = turned(strip, wanted ?? strip.dataset.situation, control);
            show(strip, wanted);
            rest(page);
        },
        true,
    );
    whenNotSent(page, () => {
        [wanted, asked] = [null, null];
        const strip = page.querySelector('[data-situation]');
        if (strip) show(strip, strip.dataset.situation);
    });
}

/** A page has come: it may already be behind what was pressed. */
export function settleSituation(page) {
    const strip = page.querySelector('[data-situation]');
    if (!strip) {
        [wanted, asked] = [null, null];
        return;
    }
    if (asked === strip.dataset.situation) asked = null;
    if (wanted === null) return;
    if (asked === null && wanted === strip.dataset.situation) {
        wanted = null;
        return;
    }
    show(strip, wanted);
    rest(page);
}

function rest(page) {
    clearTimeout(resting);
    resting = setTimeout(() => go(page), REST);
}

function go(page) {
    const strip = page.querySelector('[data-situation]');
    if (!strip || wanted === null || wanted === asked) return;
    if (asked === null && wanted === strip.dataset.situation) {
        wanted = null;
        return;
    }
    asked = wanted;
    visit(strip, new URL(strip.dataset.situationAddress.replace('SITUATION', wanted), document.baseURI));
}

function turned(strip, from, control) {
    const [bases, outs] = from.split('-');
    const names = strip.dataset.bases.split(',');
    if (control.matches('[data-outs]')) return `${bases}-${(Number(outs) + 1) % 3}`;
    return `${names[names.indexOf(bases) ^ (1 << (Number(control.dataset.bag) - 1))]}-${outs}`;
}

function show(strip, situation) {
    const [bases, outs] = situation.split('-');
    const runners = strip.dataset.bases.split(',').indexOf(bases);
    for (const bag of strip.querySelectorAll('[data-bag]'))
        bag.toggleAttribute('data-occupied', (runners & (1 << (Number(bag.dataset.bag) - 1))) !== 0);
    for (const [index, dot] of strip.querySelectorAll('.out').entries())
        dot.classList.toggle('out-taken', Number(outs) > index);
}
