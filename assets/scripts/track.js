// Where an actor is on its keyframes [seconds, x, y] at a moment; straight and even in between.

export function positionAt(frames, seconds) {
    const after = frames.findIndex((frame) => frame[0] >= seconds);
    if (after === -1) return frames[frames.length - 1].slice(1);
    if (after === 0) return frames[0].slice(1);
    const [from, to] = [frames[after - 1], frames[after]];
    const share = to[0] > from[0] ? (seconds - from[0]) / (to[0] - from[0]) : 1;
    return [from[1] + share * (to[1] - from[1]), from[2] + share * (to[2] - from[2])];
}
