// The clock of a run between two answers of the server, or without any.

/**
 * Where it is some ms after the server said how it stands.
 *
 * run: { runs, index, left, ahead: [[index, ms until it begins], …] }; ahead ends with the end of all.
 */
export function clockAfter(run, gone) {
    if (!run?.runs) return { index: run?.index ?? 0, left: run?.left ?? 0 };
    const begun = run.ahead.filter(([, starts]) => starts <= gone);
    if (begun.length === 0) return { index: run.index, left: run.left - gone };
    const [index] = begun.at(-1);
    const next = run.ahead.find(([one]) => one === index + 1);
    return { index, left: next ? next[1] - gone : 0 };
}

/** ms as a dial shows them: a second that has begun counts whole, nothing is below none. */
export function minutesAndSeconds(left) {
    const seconds = Math.max(0, Math.ceil(left / 1000));
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
