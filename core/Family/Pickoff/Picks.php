<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Play\Running\Alarm;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Running\PickRules;

/** Which throws behind a runner there are in a situation. */
final class Picks
{
    /** @return list<PickTrial> that the rule set allows, by base in running order */
    public static function open(Bases $bases, RuleSet $rules): array
    {
        $open = [];
        foreach ($bases->occupied() as $base) {
            foreach (PickRules::open($base, $rules) as $kind) {
                if (self::arises($kind, $base, $bases)) {
                    $open[] = PickTrial::thrown($kind, $base);
                }
            }
        }

        return $open;
    }

    /**
     * The one that is meant, or the nearest that arises: same base, then same kind, then the usual one.
     *
     * @param PickTrial|null $wanted null: the usual one
     */
    public static function near(?PickTrial $wanted, Bases $bases, RuleSet $rules): ?PickTrial
    {
        $open = self::open($bases, $rules);
        if (null === $wanted) {
            foreach ($open as $one) {
                if ($one->kind === Alarm::usual($one->base, $rules)) {
                    return $one;
                }
            }
        } else {
            $likeness = static fn(PickTrial $one): int => 2 * (int) ($one->base === $wanted->base) +
                (int) ($one->kind === $wanted->kind);
            foreach ($open as $one) {
                if (3 === $likeness($one)) {
                    return $wanted;
                }
            }
            usort($open, static fn(PickTrial $a, PickTrial $b): int => $likeness($b) <=> $likeness($a));
        }

        return $open[0] ?? null;
    }

    /** The first baseman holds where he may; behind the runner he only comes from where he plays. */
    private static function arises(PickKind $kind, Base $base, Bases $bases): bool
    {
        $isHeld = !$bases->has(Base::Second);

        return match ($kind) {
            PickKind::Quick => $isHeld,
            PickKind::FirstBehind => !$isHeld,
            PickKind::WheelFeint => !$bases->has(Base::Third),
            default => !(Base::First === $base && PickKind::StepOff === $kind && !$isHeld),
        };
    }
}
