<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;

/** From how far off a base a throw behind the runner wins. */
final readonly class Alarm
{
    /** Wins as often as not. */
    public const EVEN_CHANCE = 0.5;

    private function __construct(public ?PickKind $kind, public ?PickRace $race, private Thief $thief) {}

    /**
     * @param PickKind|null $kind    null: the usual one at that base
     * @param float|null    $fielder ft from the bag of whoever takes it; null: within reach of it
     */
    public static function of(
        Base $base,
        Battery $battery,
        Thief $thief,
        Legs $legs,
        RuleSet $rules,
        LevelProfile $level,
        ?PickKind $kind = null,
        ?float $fielder = null,
    ): self {
        $kind ??= self::usual($base, $rules);

        return new self(
            $kind,
            null === $kind ? null : PickRace::of($kind, $base, $battery, $fielder ?? 0.0, $legs, $rules, $level),
            $thief,
        );
    }

    /** The throw that keeps a runner honest there: the plainest that is open; null when none is. */
    public static function usual(Base $base, RuleSet $rules): ?PickKind
    {
        $open = PickRules::open($base, $rules);
        foreach ([PickKind::Quick, PickKind::Daylight, PickKind::Timed] as $kind) {
            if (\in_array($kind, $open, true)) {
                return $kind;
            }
        }

        return $open[0] ?? null;
    }

    /**
     * ft off the base as the throw begins; null when no lead is enough, or there is no throw.
     *
     * @param float $wanted how often it should win, 0 to 1
     */
    public function line(float $wanted): ?float
    {
        return $this->race?->line($this->thief, $wanted);
    }
}
