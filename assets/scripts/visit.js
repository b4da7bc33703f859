// Goes to an address as a boosted link would: the page changes without a reload, and the address with it.
import htmx from 'htmx.org/dist/htmx.esm.js';

/**
 * @param from     an element of the page, beside which the link stands for a moment
 * @param part     the only part of the page that changes, as a selector; null: all of it
 * @param replaces whether the address takes the place of the one before it in the history, as a nudge does
 */
export function visit(from, address, { part = null, replaces = false } = {}) {
    const link = document.createElement('a');
    link.href = address.href;
    link.hidden = true;
    // The last one asked for is the one that counts.
    link.setAttribute('hx-sync', 'body:replace');
    if (replaces) link.setAttribute('hx-replace-url', 'true');
    if (part) {
        for (const [name, value] of Object.entries({ target: part, select: part, swap: 'outerHTML' }))
            link.setAttribute(`hx-${name}`, value);
    }
    from.after(link);
    htmx.process(link);
    link.click();
}
