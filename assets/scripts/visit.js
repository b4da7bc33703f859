// Goes to an address as a boosted link would: the page changes without a reload, and the address with it.
import htmx from 'htmx.org/dist/htmx.esm.js';

/** @param from an element of the page, beside which the link stands for a moment */
export function visit(from, address) {
    const link = document.createElement('a');
    link.href = address.href;
    link.hidden = true;
    from.after(link);
    htmx.process(link);
    link.click();
}
