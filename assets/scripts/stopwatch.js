// A stopwatch: start, split, stop; the last time goes into the form's field, where it can be mended before it is kept.

export function startStopwatches(scope) {
    for (const element of scope.querySelectorAll('[data-stopwatch]:not([data-started])')) {
        element.dataset.started = 'yes';
        stopwatch(element);
    }
}

function stopwatch(element) {
    const [face, toggle, split, list] = ['face', 'toggle', 'split', 'splits'].map((name) =>
        element.querySelector(`[data-stopwatch-${name}]`),
    );
    const field = element.querySelector('input[name="value"]');
    let since = null;
    let frame = null;
    const elapsed = () => (performance.now() - since) / 1000;
    const tick = () => {
        if (!element.isConnected) return;
        face.textContent = elapsed().toFixed(2);
        frame = requestAnimationFrame(tick);
    };
    const note = (seconds) => {
        const item = document.createElement('li');
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'button button-quiet';
        button.textContent = `${seconds} s`;
        button.addEventListener('click', () => (field.value = seconds));
        item.append(button);
        list.append(item);
        field.value = seconds;
    };
    // The finger is down when it happens; a click would come when it is up.
    let isDown = false;
    toggle.addEventListener('pointerdown', () => {
        isDown = true;
        press();
    });
    toggle.addEventListener('keydown', (event) => {
        if (![' ', 'Enter'].includes(event.key)) return;
        event.preventDefault();
        if (!event.repeat) press();
    });
    // The space bar clicks when it comes up.
    toggle.addEventListener('keyup', (event) => event.key === ' ' && event.preventDefault());
    // A voice, or a device that only clicks.
    toggle.addEventListener('click', () => {
        if (!isDown) press();
        isDown = false;
    });
    // The name stops it too, and takes the time along.
    for (const who of element.querySelectorAll('[data-stopwatch-who]'))
        who.addEventListener('click', () => since !== null && press());
    split.addEventListener('click', () => since !== null && note(elapsed().toFixed(2)));

    function press() {
        if (since === null) {
            list.replaceChildren();
            since = performance.now();
            toggle.textContent = 'Stop';
            split.disabled = false;
            tick();
            return;
        }
        const seconds = elapsed().toFixed(2);
        cancelAnimationFrame(frame);
        since = null;
        face.textContent = seconds;
        toggle.textContent = 'Start';
        split.disabled = true;
        note(seconds);
    }
}
