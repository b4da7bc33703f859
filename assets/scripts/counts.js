// Repetitions counted with the thumb, and how it went. What was said stays on the phone until the server has said that it has it;
// totals are sent, so sending twice is no harm.

import { howMany, withCount, withoutSent } from './waiting.js';

const KEY = 'counts';

export function countByThumb(page) {
    page.addEventListener('click', (event) => {
        const button = event.target.closest('[data-more], [data-less], [data-grade]');
        if (!button) return;
        const row = button.closest('[data-count]');
        const value = row.querySelector('output');
        const said = {};
        if (button.matches('[data-grade]')) {
            const isTakenBack = button.getAttribute('aria-pressed') === 'true';
            said.grade = isTakenBack ? 'none' : button.dataset.grade;
            showGrade(row, said.grade);
        } else {
            said.counted = Math.max(0, Number(value.textContent) + (button.matches('[data-more]') ? 1 : -1));
            value.textContent = String(said.counted);
        }
        keep(row.closest('[data-counts]').dataset.counts, row.dataset.count, said);
        sendCounts(page);
    });
}

function showGrade(row, grade) {
    for (const one of row.querySelectorAll('[data-grade]'))
        one.setAttribute('aria-pressed', String(one.dataset.grade === grade));
}

/** Shows what this phone has counted and the server has not heard yet. */
export function showCounts(page) {
    const list = page.querySelector('[data-counts]');
    if (!list) return;
    for (const [key, { counted, grade }] of Object.entries(all()[list.dataset.counts] ?? {})) {
        const row = list.querySelector(`[data-count="${CSS.escape(key)}"]`);
        if (!row) continue;
        if (counted !== undefined) row.querySelector('output').textContent = String(counted);
        if (grade !== undefined) showGrade(row, grade);
    }
}

export function waitingCounts() {
    return howMany(all());
}

let sending = false;

/** @returns whether the server still takes what this page's token vouches for; false: the page has to come anew */
export async function sendCounts(page) {
    const token = page.querySelector('[data-token-of-counts]')?.dataset.tokenOfCounts;
    if (!token || sending) return true;
    sending = true;
    try {
        for (const [address, waiting] of Object.entries(all())) {
            for (const [key, value] of Object.entries(waiting)) {
                const [block, drill, player] = key.split('/');
                const body = new URLSearchParams({
                    _token: token,
                    block,
                    drill,
                    player,
                    ...value,
                });
                const answer = await fetch(address, {
                    method: 'POST',
                    body,
                    keepalive: true,
                    redirect: 'manual',
                    headers: { Accept: 'application/json' },
                });
                // Nothing but a yes is one. A refusal is final: the player has been moved to another station, or the
                // practice is gone.
                if (answer.status === 204 || answer.status === 422 || answer.status === 404)
                    forget(address, key, value);
                else return false;
            }
        }
    } catch {
        // No network: it stays, the next look at the clock tries again.
    } finally {
        sending = false;
    }
    return true;
}

function all() {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}');
}

function keep(address, key, value) {
    localStorage.setItem(KEY, JSON.stringify(withCount(all(), address, key, value)));
}

function forget(address, key, sent) {
    localStorage.setItem(KEY, JSON.stringify(withoutSent(all(), address, key, sent)));
}
