<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\AfterPlay;

/**
 * The schools against what the runner on third may do: neither side knows the other's choice, so that each mixes.
 */
final readonly class Choice
{
    /**
     * @param list<Worth>          $schools      best first
     * @param array<string, float> $third        what the runner on third does, as shares
     * @param float                $value        what it costs when both sides mix
     * @param bool                 $mustNotScore whether late and close the run on third decides
     */
    private function __construct(
        public array $schools,
        public array $third,
        public float $value,
        public bool $mustNotScore,
    ) {}

    /** Leads that such a run takes away. */
    private const MATTERS = [0, 1];

    public static function of(FirstThirdRace $race, AfterPlay $after, GameState $state): self
    {
        $chances = new Chances($race);
        $costs = $scores = [];
        foreach (School::cases() as $school) {
            $against = $runs = [];
            foreach (ThirdRunner::cases() as $third) {
                $against[$third->value] = self::cost($school, $third, $race, $chances, $after, $state->situation);
                $runs[] = self::scores($school, $third, $chances);
            }
            $costs[$school->value] = $against;
            $scores[$school->value] = max($runs);
        }
        $mustNotScore =
            $state->isLate() && $state->hasFewerThanTwoOuts() && \in_array($state->context->lead, self::MATTERS, true);
        $game = SmallGame::solve($costs);
        $worth = array_map(
            static fn(School $school): Worth => new Worth(
                $school,
                $costs[$school->value],
                self::average($costs[$school->value], $game->columns),
                $game->rows[$school->value] ?? 0.0,
                self::isThrownToSecond($school) ? $chances->outAtSecond() * $chances->unspoiled($school) : 0.0,
                $chances->outAtHome($school, ThirdRunner::Goes),
                School::FeintThird === $school ? $chances->outAtThird(ThirdRunner::Goes) : 0.0,
                $scores[$school->value],
            ),
            School::cases(),
        );
        usort($worth, static fn(Worth $a, Worth $b): int => [$b->share, $a->cost] <=> [$a->share, $b->cost]);
        $value = array_sum(array_map(static fn(Worth $one): float => $one->share * $one->cost, $worth));

        return new self($worth, $game->columns, $value, $mustNotScore);
    }

    /**
     * @param array<string, float> $costs
     * @param array<string, float> $shares
     */
    private static function average(array $costs, array $shares): float
    {
        $sum = 0.0;
        foreach ($shares as $name => $share) {
            $sum += $share * $costs[$name];
        }

        return $sum;
    }

    public function best(): Worth
    {
        return $this->schools[0];
    }

    public function worth(School $school): Worth
    {
        foreach ($this->schools as $worth) {
            if ($worth->school === $school) {
                return $worth;
            }
        }
        throw new \LogicException("{$school->label()} is not open.");
    }

    private static function isThrownToSecond(School $school): bool
    {
        return School::Through === $school || School::ReadCut === $school;
    }

    private static function cost(
        School $school,
        ThirdRunner $third,
        FirstThirdRace $race,
        Chances $chances,
        AfterPlay $after,
        Situation $situation,
    ): float {
        $astray = $chances->astray($school);
        // A ball that gets by: one scores, the other is on third.
        $lost = $after->of([1 => 3, 3 => 4]);
        $stays = ThirdRunner::Stays === $third;

        return $astray * $lost +
            (1 - $astray) *
                match (true) {
                    School::Concede === $school => $after->of([1 => 2]),
                    School::FeintThird === $school => self::third($chances->outAtThird($third), $after),
                    $stays && self::isThrownToSecond($school) => self::second(
                        $chances->outAtSecond() * $chances->unspoiled($school),
                        $after,
                    ),
                    $stays => $after->of([1 => 2]),
                    School::Through === $school => self::through($third, $race, $chances, $after, $situation),
                    default => self::cut($school, $third, $chances, $after),
                };
    }

    /** The chance that the runner on third scores on it. */
    private static function scores(School $school, ThirdRunner $third, Chances $chances): float
    {
        if (ThirdRunner::Stays === $third || School::Concede === $school || School::FeintThird === $school) {
            return $chances->astray($school);
        }

        return $chances->astray($school) +
            (1 - $chances->astray($school)) *
                (1 - $chances->getsBack($school, $third)) *
                (1 - $chances->outAtHome($school, $third));
    }

    /** The runner on third sees it cut: he gets back, or is thrown at. */
    private static function cut(School $school, ThirdRunner $third, Chances $chances, AfterPlay $after): float
    {
        $back = $chances->getsBack($school, $third);

        return $back * $after->of([1 => 2]) + (1 - $back) * self::home($chances->outAtHome($school, $third), $after);
    }

    /** The throw is at second and the runner on third on his way: home at once, or the tag first. */
    private static function through(
        ThirdRunner $third,
        FirstThirdRace $race,
        Chances $chances,
        AfterPlay $after,
        Situation $situation,
    ): float {
        $home = self::home($chances->outAtHome(School::Through, $third), $after);
        $second = $chances->outAtSecond();
        $later = $chances->outAtHome(School::Through, $third, true);
        $endsIt = Outs::Two === $situation->outs && $race->tagAtSecond() < $race->thirdThere($third);
        $out = $endsIt
            ? $after->of([1 => null])
            : $later * $after->of([1 => null, 3 => null]) + (1 - $later) * $after->of([1 => null, 3 => 4]);

        return min($home, $second * $out + (1 - $second) * self::home($later, $after));
    }

    private static function home(float $out, AfterPlay $after): float
    {
        return $out * $after->of([1 => 2, 3 => null]) + (1 - $out) * $after->of([1 => 2, 3 => 4]);
    }

    private static function second(float $out, AfterPlay $after): float
    {
        return $out * $after->of([1 => null]) + (1 - $out) * $after->of([1 => 2]);
    }

    private static function third(float $out, AfterPlay $after): float
    {
        return $out * $after->of([1 => 2, 3 => null]) + (1 - $out) * $after->of([1 => 2]);
    }
}
