<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\Runs\LinearSystem;

/**
 * Where a batter's ground balls go: a mixture of pulled, straight and the other way, so weighed that the thirds of the
 * field get the shares below. Source: the project's calibration; the other way without slapping is ours.
 */
final class Spray
{
    /** Degrees from straight away to the middle of each bell, positive to the side pulled to; and its scatter. */
    private const BELLS = [[27.0, 11.5], [1.0, 10.5], [-27.0, 11.5]];
    /** Degrees from straight away at which the thirds meet, and the lines. */
    private const THIRD = 15.0;
    private const LINE = 45.0;
    /** Steps of a degree in which a bell is summed up. */
    private const FINE = 4;

    private const ORDINARY = [0.55, 0.32, 0.13];
    private const PULLS = [0.66, 0.24, 0.1];
    private const OTHER_WAY = [0.33, 0.35, 0.32];
    private const SLAPS = [0.13, 0.27, 0.6];
    /** With two strikes he only wants to meet it. */
    private const TWO_STRIKES = [0.46, 0.35, 0.19];

    /** @var list<list<float>>|null once summed up */
    private static ?array $thirds = null;
    /** @var list<float> weights of the bells */
    private readonly array $weights;

    /** More of each third when the pitcher hits the spots that make a batter hit where he is expected to (ours). */
    private const EXPECTED = [0.05, -0.01, -0.04];

    /**
     * @param int                        $pullSide −1: left, of a right-handed batter
     * @param array{float, float, float} $shares   of the thirds: pulled, straight, the other way
     * @param float                      $topped   how much oftener than usual one is hit on its top
     */
    private function __construct(
        private readonly int $pullSide,
        public readonly array $shares,
        public readonly float $topped = 1.0,
    ) {
        $weights = (new LinearSystem(self::thirds()))->solve(
            array_map(static fn(float $one): array => [$one], $shares),
        );
        $this->weights = array_values(array_map(static fn(array $one): float => $one[0], $weights));
    }

    /** Of a slapper's slap, whoever he is. */
    public static function slapped(): self
    {
        return new self(1, self::SLAPS);
    }

    public static function of(Context $context): self
    {
        $batter = $context->batter;
        $twoStrikes = $context->count->hasTwoStrikes();
        $side = Bats::Right === $batter->type->bats() ? -1 : 1;

        $shares = match (true) {
            $batter->is(BatterTrait::Slaps) && Tendency::Pulls !== $batter->tendency => self::SLAPS,
            Tendency::OtherWay === $batter->tendency => self::OTHER_WAY,
            $twoStrikes && !$batter->is(BatterTrait::Power) => self::TWO_STRIKES,
            Tendency::Pulls === $batter->tendency => self::PULLS,
            default => self::ORDINARY,
        };

        $expected = Pitching::HitsSpots === $context->pitching ? self::EXPECTED : [0.0, 0.0, 0.0];

        return new self(
            $side,
            $context->pitch->change(
                [$shares[0] + $expected[0], $shares[1] + $expected[1], $shares[2] + $expected[2]],
                $context->pitching,
            ),
            $context->pitch->topped($context->pitching),
        );
    }

    /** Relative, not normed. */
    public function density(float $degrees): float
    {
        $sum = 0.0;
        foreach (self::BELLS as $index => $bell) {
            $sum += $this->weights[$index] * self::bell($this->pullSide * $degrees, $bell);
        }

        return max(0.0, $sum);
    }

    /** @return list<list<float>> by third, then bell: how much of the bell lies there */
    private static function thirds(): array
    {
        if (null !== self::$thirds) {
            return self::$thirds;
        }
        $masses = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        $steps = (int) (2 * self::LINE * self::FINE);
        for ($step = 0; $step < $steps; ++$step) {
            $degrees = self::LINE - ($step + 0.5) / self::FINE;
            $third = $degrees > self::THIRD ? 0 : ($degrees > -self::THIRD ? 1 : 2);
            foreach (self::BELLS as $index => $bell) {
                $masses[$third][$index] += self::bell($degrees, $bell) / self::FINE;
            }
        }

        return self::$thirds = $masses;
    }

    /** @param array{float, float} $bell */
    private static function bell(float $degrees, array $bell): float
    {
        return exp(-((($degrees - $bell[0]) / $bell[1]) ** 2) / 2);
    }
}
