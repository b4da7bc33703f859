<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Grid\Attempt;
use FoxCorner\Core\Play\Scene\Scene;

/** A double play as it is taught, by who starts it: the hands it goes through, and its time against this batter. */
final readonly class Starter
{
    /** From left to right: whoever balls are hit at. */
    public const WHO = [
        Position::ThirdBase,
        Position::Shortstop,
        Position::Pitcher,
        Position::SecondBase,
        Position::FirstBase,
    ];
    /** Degrees from straight away inside which a ball that is hit at somebody stays fair. */
    private const FAIR = 44.0;

    /**
     * @param non-empty-list<string> $hands   "6", "4", "3"; "6 alone" for his own bag
     * @param float                  $fielded s from contact
     * @param float                  $atBag   s, the first out
     * @param float                  $atEnd   s, the second out
     * @param float                  $margin  s before the runner is there
     * @param float                  $two     chance, the ball once in hand
     */
    private function __construct(
        public array $hands,
        public Base $bag,
        public GroundBallTrial $trial,
        public float $fielded,
        public float $atBag,
        public float $atEnd,
        public float $margin,
        public float $two,
    ) {}

    /** @return list<self> for balls hit at each starter, hard enough; home first where the bases are loaded */
    public static function all(GroundDefence $defence, float $mph): array
    {
        $scene = $defence->scene;
        $starters = [];
        foreach (self::WHO as $position) {
            $trial = GroundBallTrial::hit(round(self::toward($scene, $position)), $mph, $scene->rules);
            $fielding = $defence->fielding($trial);
            foreach ($fielding->attempts as $attempt) {
                if (0 !== $attempt->receiver && null !== $fielding->met) {
                    $starters[] = self::of($fielding, $attempt, $trial);
                }
            }
        }

        return $starters;
    }

    private static function of(GroundFielding $fielding, Attempt $attempt, GroundBallTrial $trial): self
    {
        $by = $fielding->met->by->number ?? 0;
        $then = $attempt->aim->then ?? Base::First;

        return new self(
            $attempt->carried
                ? ["$by alone", (string) $attempt->receiver]
                : array_map(strval(...), [$by, $attempt->cover, $attempt->receiver]),
            $attempt->aim->bag,
            $trial,
            $fielding->met->seconds ?? 0.0,
            max($attempt->there, $attempt->coverAt),
            $attempt->second,
            $fielding->setting->arrivals[$then->value] - $attempt->second,
            $attempt->both,
        );
    }

    /** Degrees from straight away of a ball that is hit at somebody. */
    public static function toward(Scene $scene, Position $position): float
    {
        return max(-self::FAIR, min(self::FAIR, $scene->cast->at($position)->start->sprayDegrees()));
    }

    /** "6–4–3" */
    public function name(): string
    {
        return implode('–', $this->hands);
    }
}
