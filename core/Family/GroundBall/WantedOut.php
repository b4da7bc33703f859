<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Grid\Attempt;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Scene\Scene;

/** The attempts at a ground ball as throws to choose from, and the one that a policy wants. */
final readonly class WantedOut
{
    public function __construct(private Scene $wants, private GroundSetting $setting) {}

    /** @param non-empty-list<Attempt> $attempts */
    public function among(array $attempts, int $goes): Attempt
    {
        $attempts = self::inOrder($attempts, $goes);
        $options = array_map(
            fn(Attempt $one): ThrowOption => self::option($this->setting, $one, $goes, 1.0),
            $attempts,
        );

        return $attempts[(int) array_search($this->wants->choose($options), $options, true)];
    }

    /**
     * Those that are there, the lead base first and first base alone last.
     *
     * @param non-empty-list<Attempt> $attempts
     *
     * @return non-empty-list<Attempt>
     */
    public static function inOrder(array $attempts, int $goes): array
    {
        $there = array_values(
            array_filter($attempts, static fn(Attempt $one): bool => 1 === $goes || !$one->aim->needsGoing),
        );
        usort(
            $there,
            static fn(Attempt $a, Attempt $b): int => [$b->aim->bag->value, null !== $b->aim->then] <=> [
                $a->aim->bag->value,
                null !== $a->aim->then,
            ],
        );

        return self::each($there);
    }

    /**
     * Aims that come to the same throw are one.
     *
     * @param list<Attempt> $there
     *
     * @return non-empty-list<Attempt>
     */
    private static function each(array $there): array
    {
        $each = [];
        foreach ($there as $one) {
            $each[$one->aim->bag->value . '/' . (0 === $one->receiver ? '' : $one->aim->then?->value)] ??= $one;
        }

        return [] === $each ? throw new \LogicException('First base is always there.') : array_values($each);
    }

    /** @param float $clean chance that he has the ball at once */
    public static function option(GroundSetting $setting, Attempt $one, int $goes, float $clean): ThrowOption
    {
        $base = $one->aim->bag->value;
        $tag = $one->aim->isForce ? 0.0 : $setting->level->motion->tag;
        $runner = $setting->arrivals[$base];
        $spread = ($one->aim->isForce ? $setting->spreads : $setting->tagSpreads)[$base];
        $outAt = max($one->there, $one->coverAt) + $tag;
        $waiting = OutChance::ofMargin($runner - $one->there - $tag, $spread);
        $held = OutChance::ofMargin($runner - $outAt, $spread);

        $cover = 0 === $one->cover ? null : Position::from($one->cover);
        $race = Race::to($one->released, $one->there, $one->coverAt, $one->aim->isForce ? null : $tag, $runner);
        $odds = new Odds(
            $clean * $one->first,
            $held > 0.0 ? ($clean * $one->first * $waiting) / $held : 0.0,
            $one->first,
            $clean * $one->both,
        );

        return new ThrowOption($one->aim->bag, $cover, $race, $odds, $one->costs[$goes]);
    }
}
