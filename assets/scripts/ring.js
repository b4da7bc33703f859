// A ring of buttons around a mark of a drawing, all of it inside the drawing.

/** px from the mark's middle to a button's; and what a button takes. */
const RADIUS = 92;
const WIDE = 84;
const HIGH = 70;

/** choices: [{ words, sign: an svg or null, press }] */
export function placeBoard(mark, choices) {
    const board = mark.closest('[data-job-board]');
    const ring = board.querySelector('[data-job-ring]');
    const around = board.querySelector('svg').getBoundingClientRect();
    const middle = mark.querySelector('.mark-shape').getBoundingClientRect();
    const at = {
        x: middle.x + middle.width / 2 - around.x,
        y: middle.y + middle.height / 2 - around.y,
    };
    ring.hidden = false;
    ring.replaceChildren();
    for (const [index, place] of places(choices.length, at, around).entries()) {
        const choice = choices[index];
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'job-choice';
        if (choice.sign) button.append(choice.sign.cloneNode(true));
        const words = document.createElement('span');
        words.textContent = choice.words;
        button.append(words);
        button.style.left = `${place.x}px`;
        button.style.top = `${place.y}px`;
        button.addEventListener('click', choice.press);
        ring.append(button);
    }
    ring.querySelector('button')?.focus({ preventScroll: true });
}

/** Around the mark, from the left over the top to the right and on below; those that would leave the drawing come in. */
export function places(count, at, { width, height }) {
    const step = Math.min(Math.PI / 3, (2 * Math.PI) / Math.max(count, 1));
    const first = -Math.PI / 2 - (step * (count - 1)) / 2;
    const wanted = Array.from({ length: count }, (_, index) => ({
        x: at.x + RADIUS * Math.cos(first + step * index),
        y: at.y + RADIUS * Math.sin(first + step * index),
    }));
    // As a whole: pushed aside one by one they would lie on each other.
    const over = (low, high, size, half) => Math.max(0, half - low) - Math.max(0, high - (size - half));
    const xs = wanted.map(({ x }) => x);
    const ys = wanted.map(({ y }) => y);
    const right = over(Math.min(...xs), Math.max(...xs), width, WIDE / 2);
    const down = over(Math.min(...ys), Math.max(...ys), height, HIGH / 2);
    return wanted.map(({ x, y }) => ({ x: x + right, y: y + down }));
}
