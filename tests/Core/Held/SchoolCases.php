<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Family\FirstThird\FirstThirdCoverages;
use FoxCorner\Core\Family\FirstThird\FirstThirdPlay;
use FoxCorner\Core\Family\FirstThird\FirstThirdTrial;
use FoxCorner\Core\Family\FirstThird\GoesWhen;
use FoxCorner\Core\Family\FirstThird\School;
use FoxCorner\Core\Family\FirstThird\ThirdRunner;
use FoxCorner\Core\Level\Level;
use FoxCorner\Tests\Core\Teams;

/** First and third: the races, and what each school is worth against each runner. */
final class SchoolCases
{
    /** Situation, inning, lead, and when the runner on first goes. */
    private const GAMES = [
        ['R1R3-0', 3, 0, GoesWhen::WithPitch],
        ['R1R3-1', 3, 0, GoesWhen::Early],
        ['R1R3-2', 3, 0, GoesWhen::WithPitch],
        ['R1R3-1', 9, 1, GoesWhen::WithPitch],
    ];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (Level::cases() as $index => $level) {
            foreach (self::GAMES as $number => [$situation, $inning, $lead, $when]) {
                if ($number === $index % 4 || 0 === $number) {
                    $state = Teams::state($level->usualRules(), $situation, $inning, $lead);
                    $scene = Teams::plan($state, $level)->scene(Teams::cost($level));
                    $coverage = FirstThirdCoverages::all()[0];
                    $play = new FirstThirdPlay($scene, $coverage, new FirstThirdTrial($when));
                    yield from self::play("$level->value $situation, inning $inning, $when->value", $play);
                }
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function play(string $name, FirstThirdPlay $play): iterable
    {
        $race = $play->race;
        yield $name => [
            'leaves s' => $race->released(),
            'at second s' => $race->atSecond(),
            'tag s' => $race->tagAtSecond(),
            'runner s' => $race->firstThere(),
            'off ft' => $race->off(),
            'at third s' => $race->tagAtThird(),
            'back s' => $race->backAtThird(),
            'to the plate s' => $race->toPlate(),
            'third runs' => array_values($play->choice->third),
            'cost runs' => $play->choice->value,
            'must not score' => $play->choice->mustNotScore,
        ];
        foreach ($play->choice->schools as $worth) {
            $school = $worth->school;
            yield "$name, $school->value" => [
                'against each' => array_values($worth->costs),
                'second' => $worth->outAtSecond,
                'third' => $worth->outAtThird,
                'on average' => $worth->cost,
                'share' => $worth->share,
                'scores' => $worth->runScores,
                'astray' => $play->chances->astray($school),
                'home' => array_map(
                    static fn(ThirdRunner $third): float => $play->chances->outAtHome($school, $third),
                    ThirdRunner::cases(),
                ),
                'cut s' => $race->cutAt($school),
                'tag home s' => $race->tagAtHome($school),
            ];
        }
    }
}
