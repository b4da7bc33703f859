<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;

/** Runners who tag up on a caught fly, by how deep it is caught: who goes, and whether he is in. */
final readonly class TagUp
{
    /** ft between the depths of the table. */
    private const EVERY = 25.0;
    /** Degrees from straight away: left, center, right. */
    private const FIELDS = ['left' => -27.0, 'center' => 0.0, 'right' => 27.0];

    /**
     * @param float $feet   from home to where it is caught
     * @param Base  $to     the base that the lead runner wants
     * @param float $runner s from the catch until he is there
     * @param float $ball   s from the catch until it is held there
     * @param bool  $isCut  over the cutoff man
     * @param float $chance that he is safe if he goes
     * @param float $needs  how sure it pays to be
     * @param bool  $goes   whether he does
     */
    private function __construct(
        public string $field,
        public float $feet,
        public Base $to,
        public float $runner,
        public float $ball,
        public bool $isCut,
        public float $chance,
        public float $needs,
        public bool $goes,
    ) {}

    /** @return array<string, list<self>> by field, the nearest first; empty with nobody on or two out */
    public static function table(OutfieldDefence $defence, Boldness $boldness = Boldness::Ordinary): array
    {
        $rules = $defence->setting->rules;
        $table = [];
        foreach (self::FIELDS as $field => $degrees) {
            $fence = $rules->fence->distanceAt($degrees);
            $first = ceil(OutfieldTrial::nearest($rules) / self::EVERY) * self::EVERY;
            for ($feet = $first; $feet < $fence - 5.0; $feet += self::EVERY) {
                $one = self::at($field, Point::polar($feet, $degrees), $defence, $boldness);
                if (null !== $one) {
                    $table[$field][] = $one;
                }
            }
        }

        return $table;
    }

    /** @return self|null null with nobody on or two out */
    public static function at(string $field, Point $at, OutfieldDefence $defence, Boldness $boldness): ?self
    {
        $play = $defence->play(
            OutfieldTrial::hit($at, Flight::Fly, $defence->setting->rules, Reached::Caught, $boldness),
        );
        $lead = $play->runners[0] ?? null;
        if (null === $lead) {
            return null;
        }
        $to = Base::from($lead->from + 1);
        $way = $play->ways->to($to);
        $caught = $play->ball->seconds;

        return new self(
            $field,
            $at->distanceTo(Point::home()),
            $to,
            $lead->arrivals[$to->value] - $caught,
            $way->held() - $caught,
            $way->isCut(),
            1 - $play->advance->out($lead, $way),
            $play->advance->needs($lead, $to->value, $play->advance->sure),
            $play->advance->ends[$lead->from] > $lead->from,
        );
    }
}
