<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Play\Check\Finding;

/** The same coverage wherever there is a choice: the other side needs to see it once. */
final class Predictable
{
    /** Runner states in which coaches choose between coverages of the same kind. */
    private const CHOICES = [Bases::First, Bases::Second, Bases::FirstSecond, Bases::FirstThird];

    /** @param list<PlaySummary> $plays of one family */
    public static function in(array $plays): ?Finding
    {
        $names = [];
        foreach ($plays as $play) {
            $situation = $play->situation;
            $isRead =
                $play->isChoice &&
                $play->family->isReadByOthers() &&
                Outs::None === $situation->outs &&
                \in_array($situation->bases, self::CHOICES, true);
            if ($isRead) {
                $names[$situation->bases->value] = $play->coverage;
            }
        }
        $name = array_unique($names);
        if (\count($names) < \count(self::CHOICES) || 1 !== \count($name)) {
            return null;
        }
        $where = 'with a runner on first, on second, on both, and on first and third';

        return new Finding(
            'predictable',
            'They know what you do',
            \sprintf('“%s” is played %s: the other side has to see it once.', implode('', $name), $where),
            'Choose another coverage for one of them, or two that you call in turn.',
            null,
            null,
            0.2,
        );
    }
}
