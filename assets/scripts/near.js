// What can be done with a drawing: looked at from near, where the infield fills it and marks stay as large as they were;
// and taken along as a picture.
import { placeNames } from './labels.js';
import { asPng, asSvg } from './picture.js';

export function offerNear(scope) {
    // A picture that nobody reads (aria-hidden) is chosen by, not looked at.
    for (const drawing of scope.querySelectorAll('svg.drawing:not([aria-hidden])')) {
        if (drawing.dataset.whole) continue;
        drawing.dataset.whole = drawing.getAttribute('viewBox');
        const tools = document.createElement('div');
        tools.className = 'drawing-tools no-print';
        const near = drawing.querySelector('[data-near]')?.dataset.near;
        const closer = near && button('Infield', () => look(drawing, near, closer));
        if (closer) {
            closer.setAttribute('aria-pressed', 'false');
            tools.append(closer);
        }
        tools.append(taking(drawing));
        drawing.after(tools);
        // Whoever looked from near before goes on doing so, drawing after drawing.
        if (closer && sessionStorage.getItem('near') === drawing.dataset.whole) closer.click();
    }
}

function button(words, press) {
    const one = document.createElement('button');
    one.type = 'button';
    one.className = 'drawing-tool';
    one.textContent = words;
    one.addEventListener('click', press);
    return one;
}

/** Two ways to take it along, behind one word. */
function taking(drawing) {
    const box = document.createElement('details');
    box.className = 'drawing-taking';
    const word = document.createElement('summary');
    word.className = 'drawing-tool';
    word.textContent = 'Copy';
    const take = (as) => async (event) => {
        event.target.textContent = await as(drawing);
        setTimeout(() => (box.open = false), 1200);
    };
    box.append(word, button('Save as SVG', take(asSvg)), button('Copy as PNG', take(asPng)));
    return box;
}

function look(drawing, near, closer) {
    const width = (box) => Number(box.split(' ')[2]);
    const whole = drawing.dataset.whole;
    const isNear = drawing.dataset.nearness === undefined;
    drawing.setAttribute('viewBox', isNear ? near : whole);
    if (isNear) {
        drawing.dataset.nearness = String(width(near) / width(whole));
        sessionStorage.setItem('near', whole);
    } else {
        delete drawing.dataset.nearness;
        sessionStorage.removeItem('near');
    }
    closer.setAttribute('aria-pressed', String(isNear));
    drawing.style.setProperty('--near', drawing.dataset.nearness ?? '1');
    placeNames(drawing.parentElement);
    drawing.dispatchEvent(new Event('nearness', { bubbles: true }));
}
