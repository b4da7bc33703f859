<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Tests\Core\Teams;

/** Balls to the outfield against a school. */
trait BallsToTheOutfield
{
    private static function defence(Level $level, string $situation, string $coverage = 'outfield'): OutfieldDefence
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $coverages = array_column(
            OutfieldCoverages::for($plan->state->situation->bases, $plan->state->rules),
            null,
            'key',
        );

        return new OutfieldDefence($plan->scene(Teams::cost($level)), $coverages[$coverage]);
    }

    private static function play(
        Level $level,
        string $situation,
        Point $to,
        Flight $flight = Flight::Ground,
        string $coverage = 'outfield',
        ?Reached $reached = null,
        Boldness $boldness = Boldness::Ordinary,
    ): OutfieldPlay {
        $defence = self::defence($level, $situation, $coverage);

        return $defence->play(OutfieldTrial::hit($to, $flight, $defence->setting->rules, $reached, $boldness));
    }

    /** @return list<VoiceWord> */
    private static function words(Voice $voice): array
    {
        return $voice->words;
    }
}
