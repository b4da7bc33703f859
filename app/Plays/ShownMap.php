<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Plan\Address\FamilyControls;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Choice\Verdict;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;
use FoxCorner\Core\Play\Map\PlayMap;
use FoxCorner\Core\Play\Scheme\Coverage;

/** One coverage's map, in the words of the page. */
final readonly class ShownMap
{
    /** Degrees from straight away from which a ball is up a line, and on a side (ours). */
    private const LINE = 30.0;
    private const SIDE = 10.0;
    private const CHARGES = [Position::Pitcher, Position::FirstBase, Position::ThirdBase];

    public MapSpot $worst;

    public function __construct(public Coverage $coverage, public PlayMap $map)
    {
        $this->worst = $map->worst();
    }

    /** How the worst ball ends, and where it goes: "they beat us up the third-base line, 22 ft". */
    public function worstWords(): string
    {
        $degrees = $this->worst->at->sprayDegrees();
        $where = match (true) {
            $degrees < -self::LINE => 'up the third-base line',
            $degrees > self::LINE => 'up the first-base line',
            $degrees < -self::SIDE => 'on the third side',
            $degrees > self::SIDE => 'on the first side',
            default => 'in the middle',
        };
        $how = MapOutcome::Safe === $this->worst->outcome() ? 'they beat us' : 'nearest to beating us';

        return \sprintf('%s %s, %d ft', $how, $where, round($this->feet($this->worst)));
    }

    /** "out at first, 94 in 100, by 0.31 s" */
    public function endWords(): string
    {
        $base = $this->worst->called->base->word();

        return Verdict::on($this->worst->called)->words("out at $base", "safe at $base");
    }

    /** "lead out 12 %, out at first 71 %, everybody safe 17 %" */
    public function shares(): string
    {
        return implode(
            ', ',
            array_map(
                fn(MapOutcome $one): string => \sprintf(
                    '%s %d %%',
                    $one->label(),
                    round(100 * $this->map->share($one)),
                ),
                MapOutcome::cases(),
            ),
        );
    }

    /** Where the margins are thin, as a sentence. */
    public function thinWords(): string
    {
        $thin = round(100 * $this->map->thin());

        return $thin < 1
            ? 'Nowhere it is closer than four in five.'
            : \sprintf('On %d %% of it that is less sure than four in five.', $thin);
    }

    /** @return list<array{number: int, at: Point}> whoever charges, where the map shows him */
    public function fielders(Cast $cast, Window $window): array
    {
        $fielders = [];
        foreach (self::CHARGES as $position) {
            $at = $cast->at($position)->start;
            if (-$at->y > $window->top) {
                $fielders[] = ['number' => $position->value, 'at' => $at];
            }
        }

        return $fielders;
    }

    /** @return list<MappedBall> */
    public function balls(FamilyControls $controls): array
    {
        return array_map(
            fn(MapSpot $spot): MappedBall => new MappedBall(
                $spot->at,
                $spot->outcome(),
                $spot->sureness(),
                $controls->carry($spot->trial),
                $this->spotWords($spot),
            ),
            $this->map->spots,
        );
    }

    /** What the pointer reads out over a spot. */
    private function spotWords(MapSpot $spot): string
    {
        $margin = $spot->called->margin();

        return \sprintf(
            '%d ft: %d fields, %s %d times in 100, %s %.2f s.',
            round($this->feet($spot)),
            $spot->by->value,
            $spot->outcome()->label(),
            round(100 * $spot->sureness()),
            $margin >= 0.0 ? 'by' : 'late by',
            abs($margin),
        );
    }

    private function feet(MapSpot $spot): float
    {
        return hypot($spot->at->x, $spot->at->y);
    }
}
