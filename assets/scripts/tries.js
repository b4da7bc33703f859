// Spots that were tried on a drawing, one after the other: undo and redo go along them. They live as long as the tab.
import { visit } from './visit.js';

export function rememberTries(page) {
    const drawing = page.querySelector('svg[data-move]');
    if (!drawing) return;
    const key = `tries ${location.pathname}`;
    const kept = JSON.parse(sessionStorage.getItem(key) ?? 'null') ?? { list: [''], at: 0 };
    const now = drawing.dataset.moved;
    if (kept.list[kept.at] !== now) {
        const list = [...kept.list.slice(0, kept.at + 1), now].slice(-40);
        kept.list = list;
        kept.at = list.length - 1;
        sessionStorage.setItem(key, JSON.stringify(kept));
    }
    for (const [name, step] of [
        ['undo', -1],
        ['redo', 1],
    ]) {
        const button = page.querySelector(`[data-try="${name}"]`);
        if (!button) continue;
        button.disabled = kept.list[kept.at + step] === undefined;
        button.onclick = () => {
            kept.at += step;
            sessionStorage.setItem(key, JSON.stringify(kept));
            const address = new URL(drawing.dataset.move, document.baseURI);
            if (kept.list[kept.at]) address.searchParams.set('moved', kept.list[kept.at]);
            visit(drawing, address, { part: '#work' });
        };
    }
}
