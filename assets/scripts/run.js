// A practice that runs: every phone asks the server's clock, counts down between the answers, and goes on alone without
// a network.
import htmx from 'htmx.org/dist/htmx.esm.js';
import { clockAfter, minutesAndSeconds } from './runclock.js';
import { sendCounts, waitingCounts } from './counts.js';

const EVERY = 1500;
const STALE = 'stale';
let run = null;
let sound = null;
/** Parts that somebody has opened stay open when the page comes anew. */
const open = new Set();

export function followRuns(page) {
    setInterval(() => page.querySelector('[data-run]') && ask(page), EVERY);
    setInterval(() => draw(page), 200);
    page.addEventListener('htmx:beforeSwap', keepWhatIsNewer);
    page.addEventListener('click', (event) => {
        const button = event.target.closest('[data-sound]');
        if (button) wake(button);
    });
    page.addEventListener('click', (event) => {
        const part = event.target.closest('summary')?.closest('details[data-keep]');
        // It has not opened or closed yet.
        if (part) open[part.open ? 'delete' : 'add'](part.dataset.keep);
    });
    page.addEventListener(
        'submit',
        (event) => {
            const question = event.submitter?.dataset.ask;
            if (question && !confirm(question)) event.preventDefault();
        },
        true,
    );
}

/** A page of a run has come, or come again: its figures are the latest. */
export function settleRuns(page) {
    const part = page.querySelector('[data-run]');
    if (!part) {
        run = null;
        return;
    }
    const { edition, index, left, runs, ahead } = part.dataset;
    run = {
        part,
        edition: Number(edition),
        index: Number(index),
        left: Number(left),
        runs: runs === '1',
        ahead: JSON.parse(ahead),
        at: performance.now(),
    };
    for (const part of page.querySelectorAll('details[data-keep]')) part.open = open.has(part.dataset.keep);
    const button = page.querySelector('[data-sound]');
    if (button) button.setAttribute('aria-pressed', String(sound !== null));
    draw(page);
}

let asking = false;

async function ask(page) {
    if (asking) return;
    asking = true;
    const part = page.querySelector('[data-run]');
    const sent = performance.now();
    try {
        const answer = await fetch(part.dataset.run, {
            headers: { Accept: 'application/json' },
            signal: AbortSignal.timeout(4000),
        });
        if (answer.status === 401) {
            trouble(page, 'signed-out');
            return;
        }
        if (!answer.ok) throw new Error(String(answer.status));
        const state = await answer.json();
        // The coach's hand was quicker: what came with it is newer than this answer.
        if (!part.isConnected) return;
        // Nobody has started it yet: the page knows as much.
        if (state.left === undefined) {
            Object.assign(state, { left: run?.left ?? 0, ahead: run?.ahead ?? [] });
        }
        // Half of the way there and back has gone by since the server looked at its clock.
        const before = where();
        run = { ...state, part, at: performance.now() - (performance.now() - sent) / 2 };
        const isTaken = await sendCounts(page);
        trouble(page, null);
        if (!isTaken) refresh(page, false);
        else if (state.edition !== Number(part.dataset.edition) || state.index !== Number(part.dataset.index))
            refresh(page, before.index !== state.index);
    } catch {
        trouble(page, 'no-network');
    } finally {
        asking = false;
    }
}

/** Where the clock is by now, with or without the server. */
const where = () => clockAfter(run, run ? performance.now() - run.at : 0);

function draw(page) {
    const clock = page.querySelector('[data-clock]');
    // A page that has come in place of the one these figures are of tells its own in a moment.
    if (!clock || !run?.part.isConnected) return;
    const { left } = where();
    const words = minutesAndSeconds(left);
    if (clock.textContent !== words && (run.ahead.length > 0 || run.runs)) clock.textContent = words;
    const shown = page.querySelector('[data-run]').dataset;
    if (run.runs && String(where().index) !== (shown.turning ?? shown.index)) {
        shown.turning = String(where().index);
        // With a network the whole page comes anew; without one at least the name of the block is right.
        page.querySelector('.dial-block').textContent = JSON.parse(shown.labels)[where().index];
        ring(page);
        ask(page);
    }
}

/** Takes the page anew: htmx does, by what the part says of itself. */
function refresh(page, rings) {
    const part = page.querySelector('.run');
    if (rings && !part.dataset.turning) ring(page);
    htmx.trigger(part, STALE);
}

/**
 * What comes and is no page of a run (a lost sign-in, a server that rests) changes nothing; nor what comes too late.
 */
function keepWhatIsNewer(event) {
    const { target, xhr, requestConfig } = event.detail;
    if (requestConfig.triggeringEvent?.type !== STALE) return;
    event.detail.shouldSwap = xhr.status === 200 && target.isConnected && xhr.responseText.includes('data-run=');
}

/** The truth about what does not work: no network, or a sign-in that has ended; and what waits on this phone. */
function trouble(page, which) {
    const waiting = waitingCounts();
    for (const words of page.querySelectorAll('[data-trouble]')) words.hidden = words.dataset.trouble !== which;
    for (const words of page.querySelectorAll('[data-waiting]'))
        words.textContent =
            waiting === 0 ? '' : `${waiting} ${waiting === 1 ? 'count waits' : 'counts wait'} on this phone.`;
}

function ring(page) {
    page.querySelector('main')?.animate(
        [
            { filter: 'invert(1)', easing: 'step-end' },
            { filter: 'none', easing: 'step-end' },
            { filter: 'invert(1)', easing: 'step-end' },
            { filter: 'none' },
        ],
        matchMedia('(prefers-reduced-motion: reduce)').matches ? 1 : 900,
    );
    navigator.vibrate?.([200, 100, 200]);
    if (!sound) return;
    for (const [start, pitch] of [
        [0, 660],
        [0.25, 880],
        [0.5, 660],
    ]) {
        const tone = sound.createOscillator();
        const loudness = sound.createGain();
        tone.frequency.value = pitch;
        loudness.gain.setValueAtTime(0.35, sound.currentTime + start);
        loudness.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + start + 0.22);
        tone.connect(loudness).connect(sound.destination);
        tone.start(sound.currentTime + start);
        tone.stop(sound.currentTime + start + 0.24);
    }
}

/** Browsers let a page sound and keep the screen lit only after a touch. */
async function wake(button) {
    if (sound) {
        await sound.close();
        sound = null;
    } else {
        sound = new AudioContext();
        try {
            await navigator.wakeLock?.request('screen');
        } catch {
            // Low battery or no permission: the screen may go dark, the sound still comes.
        }
    }
    button.setAttribute('aria-pressed', String(sound !== null));
}
