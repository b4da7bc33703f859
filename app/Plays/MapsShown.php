<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Runs\PlayCost;

/** The map of a coverage, or of two beside each other, and where those differ. */
final readonly class MapsShown
{
    /** Share of the ground below which hardly anything beats a coverage (ours). */
    private const HARDLY = 0.005;
    /** runs, or chance to lose: less is no difference between two coverages (ours). */
    public const DIFFERS = 0.05;

    /**
     * @param list<ShownMap>              $maps    one or two; none when the family draws none
     * @param list<array{MapSpot, float}> $differs spots with what the second coverage costs more there, where that is
     *                                             worth showing
     * @param list<MapSpot>               $same    the others
     * @param string                      $one     what beats a coverage, as in "bunt"
     */
    private function __construct(public array $maps, public array $differs, public array $same, private string $one) {}

    /**
     * @param string|null $with the key of a second coverage
     *
     * @throws Problem when there is no such coverage
     */
    public static function of(PlannedPlay $play, ?string $with, PlayCost $cost, Trial $like): self
    {
        $maps = [];
        foreach ([$play->coverage, null === $with ? null : self::second($play, $with)] as $coverage) {
            $map = null === $coverage ? null : $play->map($coverage, $cost, $like);
            if (null !== $coverage && null !== $map) {
                $maps[] = new ShownMap($coverage, $map);
            }
        }
        [$differs, $same] = isset($maps[1]) ? self::difference($maps[0], $maps[1]) : [[], []];

        return new self($maps, $differs, $same, $play->family->words()->one);
    }

    public function areTwo(): bool
    {
        return isset($this->maps[1]);
    }

    /** What the maps come to, in a few words. */
    public function title(): string
    {
        if ($this->areTwo()) {
            return "“{$this->maps[0]->coverage->call}” or “{$this->maps[1]->coverage->call}”";
        }
        $beaten = $this->maps[0]->map->share(MapOutcome::Safe);
        $call = $this->maps[0]->coverage->call;

        return $beaten < self::HARDLY
            ? "Hardly a $this->one beats “{$call}”"
            : \sprintf('%d %% of the ground beats “%s”', round(100 * $beaten), $call);
    }

    private static function second(PlannedPlay $play, string $key): Coverage
    {
        try {
            return $play->coverage($key);
        } catch (Problem $problem) {
            throw Refused::because('with', $problem->wrong(), $problem->allowed());
        }
    }

    /** @return array{list<array{MapSpot, float}>, list<MapSpot>} */
    private static function difference(ShownMap $one, ShownMap $other): array
    {
        $differs = $same = [];
        foreach ($one->map->spots as $index => $spot) {
            $more = ($other->map->spots[$index]->called->cost ?? 0.0) - ($spot->called->cost ?? 0.0);
            if (abs($more) > self::DIFFERS) {
                $differs[] = [$spot, $more];
            } else {
                $same[] = $spot;
            }
        }

        return [$differs, $same];
    }
}
