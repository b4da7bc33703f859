// Jobs on the drawing of a coverage: a press on a fielder opens a ring of what he can do, a drag puts him on a bag, behind
// it or to the ball. What is chosen goes into the table's own fields, which are the form; the server draws it again.
import { place, under, where } from './drag.js';
import { placeBoard } from './ring.js';

/** Pixels of the laptop's drawing: how near a bag is meant, how far behind it, and what is no drag yet. */
const NEAR = 26;
const BEHIND = 130;
const STILL = 5;

export function giveJobs(page) {
    let drag = null;
    page.addEventListener('pointerdown', (event) => {
        const mark = event.target.closest('[data-job-of]');
        if (!mark) return;
        event.preventDefault();
        mark.setPointerCapture(event.pointerId);
        drag = { mark, from: where(mark), x: event.clientX, y: event.clientY, far: false };
    });
    page.addEventListener('pointermove', (event) => {
        if (!drag) return;
        drag.far ||= Math.hypot(event.clientX - drag.x, event.clientY - drag.y) > STILL;
        if (!drag.far) return;
        const at = under(drag.mark, event);
        place(drag.mark, at);
        showAim(drag.mark, aim(drag.mark, at));
    });
    page.addEventListener('pointerup', (event) => {
        const last = drag;
        drag = null;
        if (!last) return;
        if (!last.far) return openRing(last.mark);
        const key = aim(last.mark, under(last.mark, event));
        place(last.mark, last.from);
        showAim(last.mark, null);
        if (key) give(last.mark, key);
    });
    page.addEventListener('pointercancel', () => {
        if (drag) place(drag.mark, drag.from);
        drag = null;
    });
    page.addEventListener('keydown', (event) => {
        const mark = event.target.closest('[data-job-of]');
        if (mark && ['Enter', ' '].includes(event.key)) {
            event.preventDefault();
            openRing(mark);
        }
        if (event.key === 'Escape') closeRings();
    });
    page.addEventListener('click', (event) => {
        // By the way it came: a button of the ring that opens the next one is gone by now.
        const own = '[data-job-ring], [data-job-of], [data-bag-target]';
        if (!event.composedPath().some((one) => one.matches?.(own))) closeRings();
    });
}

/** The job that is meant by a place on the drawing, if the play knows it. */
function aim(mark, at) {
    const board = mark.closest('[data-job-board]');
    const unit = Number(board.dataset.feetPerPixel);
    const far = (x, y) => Math.hypot(at.x - x, at.y - y) / unit;
    const bags = [...board.querySelectorAll('[data-bag-target]')].map((bag) => {
        const [x, y] = [Number(bag.getAttribute('cx')), Number(bag.getAttribute('cy'))];
        return { word: bag.dataset.bagTarget, x, y, far: far(x, y) };
    });
    const ball = where(board.querySelector('[data-ball-target]'));
    const nearest = bags.reduce((least, bag) => (bag.far < least.far ? bag : least));
    // Behind is farther from the middle of the diamond than the bag.
    const middle = bags.find((bag) => bag.word === 'second').y / 2;
    const out = ({ x, y }) => Math.hypot(x, y - middle);
    const isBehind = out(at) > out(nearest);
    const wanted = [];
    if (nearest.far < NEAR) wanted.push(`cover-${nearest.word}`);
    if (far(ball.x, ball.y) < NEAR) wanted.push('converge');
    if (nearest.far < BEHIND && isBehind) wanted.push(`back-up-${nearest.word}`);
    const known = kinds().map(({ key }) => key);
    return wanted.find((key) => known.includes(key)) ?? null;
}

function showAim(mark, key) {
    for (const bag of mark.closest('svg').querySelectorAll('[data-bag-target]'))
        bag.classList.toggle('aimed', Boolean(key?.endsWith(`-${bag.dataset.bagTarget}`)));
}

const kinds = () =>
    [...(document.querySelector('template[data-job-kinds]')?.content.children ?? [])].map((one) => ({
        key: one.dataset.key,
        kind: one.dataset.kind,
        words: one.textContent.trim(),
        sign: one.querySelector('svg'),
    }));

/** First what kind of job; then, where it is done at a bag, which. */
function openRing(mark) {
    closeRings();
    mark.classList.add('chosen');
    const jobs = kinds();
    const first = jobs.filter((job, index) => jobs.findIndex((other) => other.kind === job.kind) === index);
    const choices = first.map((job) => {
        const same = jobs.filter((other) => other.kind === job.kind);
        const short = job.words
            .replace(/ (home|first|second|third)$/, '')
            .replace(/^Charge, else back to?$/, 'Turn back');
        return {
            words: same.length > 1 ? short : job.kind === 'converge' ? 'Charge' : job.words,
            sign: job.sign,
            press: () => (same.length > 1 ? chooseBag(mark, same) : give(mark, job.key)),
        };
    });
    const field = document.querySelector(`[name="fields_${mark.dataset.jobOf}"]`);
    if (field && !field.checked)
        choices.unshift({ words: 'Field', sign: null, press: () => set(field, () => (field.checked = true)) });
    placeBoard(mark, choices);
}

function chooseBag(mark, jobs) {
    placeBoard(
        mark,
        jobs.map((job) => ({ words: job.words, sign: job.sign, press: () => give(mark, job.key) })),
    );
    const drawing = mark.closest('svg');
    drawing.classList.add('choosing-bag');
    for (const bag of drawing.querySelectorAll('[data-bag-target]')) {
        const job = jobs.find(({ key }) => key.endsWith(`-${bag.dataset.bagTarget}`));
        bag.classList.toggle('none', !job);
        bag.onclick = job ? () => give(mark, job.key) : null;
    }
}

function give(mark, key) {
    const column = mark.closest('[data-job-board]').dataset.jobBoard;
    const field = document.querySelector(`[name="task_${column}_${mark.dataset.jobOf}"]`);
    closeRings();
    if (field) set(field, () => (field.value = key));
}

function set(field, change) {
    change();
    field.dispatchEvent(new Event('input', { bubbles: true }));
}

function closeRings() {
    for (const ring of document.querySelectorAll('[data-job-ring]')) {
        ring.hidden = true;
        ring.replaceChildren();
    }
    for (const mark of document.querySelectorAll('.job-mark.chosen')) mark.classList.remove('chosen');
    for (const drawing of document.querySelectorAll('.choosing-bag')) drawing.classList.remove('choosing-bag');
}
