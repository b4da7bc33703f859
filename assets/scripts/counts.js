// Repetitions counted with the thumb. What was counted stays on the phone until the server has it; totals are sent, so sending twice is no harm.

const KEY = 'counts';

export function countByThumb(page) {
    page.addEventListener('click', (event) => {
        const button = event.target.closest('[data-more], [data-less], [data-mark]');
        if (!button) return;
        const row = button.closest('[data-count]');
        const value = row.querySelector('output');
        const mark = row.querySelector('[data-mark]');
        if (button.matches('[data-mark]')) mark.setAttribute('aria-pressed', String(mark.getAttribute('aria-pressed') !== 'true'));
        else value.textContent = String(Math.max(0, Number(value.textContent) + (button.matches('[data-more]') ? 1 : -1)));
        keep(row.closest('[data-counts]').dataset.counts, row.dataset.count, { counted: Number(value.textContent), attention: mark.getAttribute('aria-pressed') === 'true' });
        sendCounts(page);
    });
}

/** Shows what this phone has counted and the server has not heard yet. */
export function showCounts(page) {
    const list = page.querySelector('[data-counts]');
    if (!list) return;
    const waiting = all()[list.dataset.counts] ?? {};
    for (const [key, { counted, attention }] of Object.entries(waiting)) {
        const row = list.querySelector(`[data-count="${CSS.escape(key)}"]`);
        if (!row) continue;
        row.querySelector('output').textContent = String(counted);
        row.querySelector('[data-mark]').setAttribute('aria-pressed', String(attention));
    }
}

let sending = false;

export async function sendCounts(page) {
    const token = page.querySelector('[data-counts]')?.dataset.token;
    if (!token || sending) return;
    sending = true;
    try {
        for (const [address, waiting] of Object.entries(all())) {
            for (const [key, value] of Object.entries(waiting)) {
                const [block, drill, player] = key.split('/');
                const body = new URLSearchParams({ _token: token, block, drill, player, counted: value.counted, attention: value.attention ? 1 : 0 });
                const answer = await fetch(address, { method: 'POST', body, keepalive: true });
                // A refusal is final: the player has been moved to another station in the meantime.
                if (answer.ok || answer.status === 422) forget(address, key, value);
            }
        }
    } catch {
        // No network: it stays, the next look at the clock tries again.
    } finally {
        sending = false;
    }
}

function all() {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}');
}

function keep(address, key, value) {
    const counts = all();
    counts[address] = { ...counts[address], [key]: value };
    localStorage.setItem(KEY, JSON.stringify(counts));
}

function forget(address, key, sent) {
    const counts = all();
    const now = counts[address]?.[key];
    // Counted on while it was being sent: the new total still has to go.
    if (!now || now.counted !== sent.counted || now.attention !== sent.attention) return;
    delete counts[address][key];
    localStorage.setItem(KEY, JSON.stringify(counts));
}
