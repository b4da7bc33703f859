<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Questions that cannot be answered: which field, what was wrong, what is allowed. */
final class FoxQuestionsTest extends TestCase
{
    use FoxAsked;

    #[
        TestWith([
            'run',
            '{"home_to_first_s":43,"base_path_ft":90,"bats":"R","start":"steal","distance_ft":78}',
            'home_to_first_s',
            '2.2 to 8',
        ]),
    ]
    #[
        TestWith([
            'run',
            '{"home_to_first_s":4,"base_path_ft":9000,"bats":"R","start":"steal","distance_ft":78}',
            'base_path_ft',
            '45 to 100',
        ]),
    ]
    #[TestWith(['throw', '{"speed_mph":82,"distance_ft":100}', 'ball', 'baseball, softball-12'])]
    #[TestWith(['throw', '{"ball":"baseball","speed_mph":"fast","distance_ft":100}', 'speed_mph', '10 to 110'])]
    #[
        TestWith([
            'throw',
            '{"ball":"baseball","speed_mph":82,"distance_ft":100,"wind":3}',
            'wind',
            'ball, speed_mph, distance_ft',
        ]),
    ]
    #[TestWith(['ground-ball', '{"exit_speed_mph":85,"surface":"ice","distance_ft":125}', 'surface', 'grass, dirt'])]
    #[TestWith(['spot', '{"rule_set":"baseball-90","position":8,"depth":"normal"}', 'position', '3, 4, 5, 6'])]
    #[TestWith(['bunt', '{"rule_set":"fastpitch-43","level":"pro","seen":"never"}', 'seen', 'sent in off the bench'])]
    #[TestWith(['bunt', '{"rule_set":"slowpitch-65","level":"pro"}', 'situation', 'with a rule set that has bunts'])]
    #[TestWith(['runs', '{"rates":{"walk":0.1}}', 'rates.single', 'a share of plate appearances'])]
    #[
        TestWith([
            'runs',
            '{"rates":{"walk":2,"single":0.15,"double":0.04,"triple":0,"home_run":0.02,"strikeout":0.2,"error":0.01}}',
            'rates.walk',
            '0 to 0.9',
        ]),
    ]
    #[
        TestWith([
            'runs',
            '{"rates":{"walk":0.5,"single":0.5,"double":0.04,"triple":0,"home_run":0.02,"strikeout":0.2,"error":0.01}}',
            'rates',
            'less than 0.98 together',
        ]),
    ]
    #[TestWith(['alignment', '{"rule_set":"baseball-90","level":"pro","situation":"R9-0"}', 'situation', 'R1R2'])]
    #[
        TestWith([
            'alignment',
            '{"rule_set":"baseball-90","level":"pro","players":[{"position":6},{"position":6}]}',
            'players',
            'one player for each',
        ]),
    ]
    #[TestWith(['range', '{"rule_set":"baseball-90","level":"pro","count":"9-9"}', 'count', 'balls 0 to 3'])]
    #[TestWith(['throw', 'nonsense', 'input', 'docs/schemas/throw.question.json'])]
    #[TestWith(['throw', '[1]', 'input', 'an object'])]
    #[
        TestWith([
            'hop',
            '{}',
            'question',
            'throw, run, ground-ball, ground-ball-play, two-or-one, feed, relay, outfield-play, tag-up, foul-pop, ' .
            'idle-check, steal, pick, looks, rundown, first-and-third, spot, play, bunt, bunt-map, coverage-audit, ' .
            'alignment, range, improve, practice, schedule, runs, win',
        ]),
    ]
    #[
        TestWith([
            'relay',
            '{"rule_set":"baseball-90","ball":{"x_ft":0,"y_ft":0},"target":"home",' .
            '"arms":{"outfield_mph":88,"cutoff_mph":82}}',
            'target',
            'away from the ball',
        ]),
    ]
    #[
        TestWith([
            'relay',
            '{"rule_set":"baseball-90","ball":{"x_ft":0,"y_ft":300},"target":"plate",' .
            '"arms":{"outfield_mph":88,"cutoff_mph":82}}',
            'target',
            'first, second, third, home',
        ]),
    ]
    #[
        TestWith([
            'relay',
            '{"rule_set":"baseball-90","ball":{"x_ft":0,"y_ft":300},"target":"home","arms":{"outfield_mph":880,' .
            '"cutoff_mph":82}}',
            'arms.outfield_mph',
            'from 30 to 105',
        ]),
    ]
    #[
        TestWith([
            'outfield-play',
            '{"rule_set":"baseball-90","level":"pro","ball":{"x_ft":0,"y_ft":90}}',
            'place of the ball',
            'in the outfield',
        ]),
    ]
    #[
        TestWith([
            'foul-pop',
            '{"rule_set":"baseball-90","level":"pro","at":{"x_ft":10,"y_ft":60}}',
            'at',
            'behind the plate',
        ]),
    ]
    #[
        TestWith([
            'tag-up',
            '{"rule_set":"baseball-90","level":"pro","situation":"R3-2"}',
            'situation',
            'fewer than two out',
        ]),
    ]
    #[TestWith(['idle-check', '{"rule_set":"baseball-90","level":"pro","situations":["R9-9"]}', 'situation', 'R1R2'])]
    public function testABadQuestionNamesTheField(string $question, string $json, string $field, string $allowed): void
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask($question, $json);
        $answer = json_decode($output, true);

        self::assertSame(1, $code);
        self::assertIsArray($answer);
        self::assertIsArray($answer['problem']);
        self::assertSame($field, $answer['problem']['field']);
        self::assertNotSame('', $answer['problem']['wrong']);
        self::assertIsString($answer['problem']['allowed']);
        self::assertStringContainsString($allowed, $answer['problem']['allowed']);
    }
}
