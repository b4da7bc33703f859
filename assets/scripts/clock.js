// Runs a play on its time bar: interpolates the keyframes that the server computed, and nothing else.
import { markScale, placeLabels, roomOf } from './labels.js';
import { positionAt } from './track.js';

export function startClocks(root) {
    const scope = root.querySelectorAll ? root : document;
    for (const element of [
        ...(scope.matches?.('[data-play]') ? [scope] : []),
        ...scope.querySelectorAll('[data-play]'),
    ]) {
        if (!element.dataset.started) {
            element.dataset.started = 'yes';
            new Clock(element);
        }
    }
}

/** Owns the time of a play. Bar, words and drawing show it and never keep one of their own. */
class Clock {
    #time = 0;
    #speed = 1;
    /**
     * What runs, if anything does: an object of its own for every run, so that a frame that was asked for before the
     * run was stopped finds that out.
     */
    #run = null;

    constructor(element) {
        this.play = JSON.parse(element.dataset.play);
        this.bar = element.querySelector('[data-clock-bar]');
        this.actors = [...element.querySelectorAll('[data-actor]')].filter(
            (actor) => this.play.tracks[actor.dataset.actor],
        );
        // Names are set in pixels of the laptop's drawing, which the inner group scales to feet.
        this.feetPerPixel = Number(element.dataset.feetPerPixel);
        this.marks = new Map(
            this.actors
                .filter((actor) => actor.querySelector('.name'))
                .map((actor) => [actor, { text: actor.querySelector('.name') }]),
        );
        this.ball = element.querySelector('[data-actor="ball"] .ball');
        this.drawing = element.querySelector('svg.drawing');
        this.drawing.addEventListener('nearness', () => this.#show(this.#time));
        this.button = element.querySelector('[data-clock-run]');
        this.read = element.querySelector('[data-clock-read]');
        this.bar.addEventListener('input', () => this.#put(Number(this.bar.value)));
        this.button.addEventListener('click', () => (this.#run ? this.#stop() : this.#start()));
        element.querySelector('[data-clock-next]').addEventListener('click', () => this.#step(1));
        element.querySelector('[data-clock-back]').addEventListener('click', () => this.#step(-1));
        element
            .querySelector('[data-clock-half]')
            .addEventListener('click', (event) => this.#half(event.currentTarget));
        // As the page was sent: a browser may have put the bar elsewhere, from before.
        this.#put(Number(this.bar.defaultValue));
    }

    /** Somebody says what time it is: nothing runs any more. */
    #put(seconds) {
        this.#stop();
        this.#show(seconds);
    }

    #show(seconds) {
        this.#time = Math.min(this.play.length, Math.max(0, seconds));
        this.bar.value = this.#time;
        const event = this.play.events.findLast((one) => one.t <= this.#time + 0.005);
        const words = `${this.#time.toFixed(2)} s${event ? `, ${event.words}` : ''}`;
        this.bar.setAttribute('aria-valuetext', words);
        this.read.textContent = words;
        for (const actor of this.actors) {
            const [x, y] = positionAt(this.play.tracks[actor.dataset.actor], this.#time);
            actor.setAttribute('transform', `translate(${x.toFixed(2)} ${y.toFixed(2)})`);
            if (this.marks.has(actor))
                Object.assign(this.marks.get(actor), {
                    x: x / this.feetPerPixel / markScale(this.drawing),
                    y: y / this.feetPerPixel / markScale(this.drawing),
                });
        }
        // In the hand the ball is drawn beside the number, not over it.
        const inHand = this.play.held.some(([from, to]) => this.#time > from && this.#time < to + 0.02);
        const beside = inHand ? 11 * this.feetPerPixel * markScale(this.drawing) : 0;
        this.ball.setAttribute('transform', `translate(${beside} ${-beside})`);
        placeLabels([...this.marks.values()], roomOf(this.drawing, this.feetPerPixel * markScale(this.drawing)));
    }

    #start() {
        if (this.#time >= this.play.length - 0.01) this.#show(0);
        // Without motion the play goes event by event, a second each.
        if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
            this.#step(1);
            return;
        }
        const run = {};
        this.#run = run;
        this.button.textContent = 'Pause';
        let before = performance.now();
        const tick = (now) => {
            if (this.#run !== run || !this.bar.isConnected) return;
            this.#show(this.#time + (Math.max(0, now - before) / 1000) * this.#speed);
            before = now;
            if (this.#time < this.play.length) requestAnimationFrame(tick);
            else this.#stop();
        };
        requestAnimationFrame(tick);
    }

    #stop() {
        this.#run = null;
        this.button.textContent = 'Play';
    }

    #step(direction) {
        const times = this.play.events.map((one) => one.t);
        this.#put(
            direction > 0
                ? (times.find((t) => t > this.#time + 0.005) ?? this.play.length)
                : (times.findLast((t) => t < this.#time - 0.005) ?? 0),
        );
    }

    #half(button) {
        this.#speed = this.#speed === 1 ? 0.5 : 1;
        button.setAttribute('aria-pressed', String(this.#speed === 0.5));
    }
}
