// Spots that were tried on a drawing, one after the other: undo and redo go along them. They live as long as the tab.
import { visit } from './visit.js';

const STEPS = { undo: -1, redo: 1 };

const key = () => `tries ${location.pathname}`;
const read = () => JSON.parse(sessionStorage.getItem(key()) ?? 'null') ?? { list: [''], at: 0 };
const keep = (tries) => sessionStorage.setItem(key(), JSON.stringify(tries));

/** One listener for all drawings that come: a button answers as soon as it is there. */
export function followTries(page) {
    page.addEventListener('click', (event) => {
        const step = STEPS[event.target.closest('[data-try]')?.dataset.try];
        if (step) go(page, step);
    });
}

export function rememberTries(page) {
    const drawing = page.querySelector('svg[data-move]');
    if (!drawing) return;
    const kept = read();
    const now = drawing.dataset.moved;
    // Once for each drawing: a page may call again when a step back is under way already.
    const isNew = drawing.dataset.remembered !== now;
    drawing.dataset.remembered = now;
    if (isNew && kept.list[kept.at] !== now) {
        const list = [...kept.list.slice(0, kept.at + 1), now].slice(-40);
        kept.list = list;
        kept.at = list.length - 1;
        keep(kept);
    }
    for (const [name, step] of Object.entries(STEPS)) {
        const button = page.querySelector(`[data-try="${name}"]`);
        if (button) button.disabled = kept.list[kept.at + step] === undefined;
    }
}

function go(page, step) {
    const drawing = page.querySelector('svg[data-move]');
    const kept = read();
    if (!drawing || kept.list[kept.at + step] === undefined) return;
    kept.at += step;
    keep(kept);
    const address = new URL(drawing.dataset.move, document.baseURI);
    if (kept.list[kept.at]) address.searchParams.set('moved', kept.list[kept.at]);
    visit(drawing, address, { part: '#work' });
}
