// Counts that the server has not heard yet: { address: { "block/drill/player": { counted, grade } } }:
// either may not have been said.

export const withCount = (counts, address, key, value) => ({
    ...counts,
    [address]: { ...counts[address], [key]: { ...counts[address]?.[key], ...value } },
});

/** Without a count that the server has; one that was counted on while it was being sent still has to go. */
export function withoutSent(counts, address, key, sent) {
    const now = counts[address]?.[key];
    if (!now || now.counted !== sent.counted || now.grade !== sent.grade) return counts;
    const { [key]: _sent, ...others } = counts[address];
    const { [address]: _all, ...elsewhere } = counts;
    return Object.keys(others).length === 0 ? elsewhere : { ...elsewhere, [address]: others };
}

export const howMany = (counts) => Object.values(counts).reduce((sum, waiting) => sum + Object.keys(waiting).length, 0);
