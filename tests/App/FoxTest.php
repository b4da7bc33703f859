<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;
use FoxCorner\App\Shared\Json\Schemas;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The questions that other programs ask, by their published schemas. */
final class FoxTest extends TestCase
{
    use FoxAsked;

    private const RATES =
        '{"walk":0.0875,"single":0.1535,"double":0.0448,"triple":0.0048,"home_run":0.0262,' .
        '"strikeout":0.196,"error":0.009}';

    #[TestWith(['throw', '{"ball":"baseball","speed_mph":82,"distance_ft":127.28}', 'flight_s', 1.2, 1.3])]
    #[
        TestWith([
            'run',
            '{"home_to_first_s":4.35,"base_path_ft":90,"bats":"R","start":"steal","distance_ft":78}',
            'seconds',
            3.5,
            3.7,
        ]),
    ]
    #[TestWith(['ground-ball', '{"exit_speed_mph":85,"surface":"grass","distance_ft":125}', 'seconds', 1.35, 1.45])]
    #[
        TestWith([
            'spot',
            '{"rule_set":"baseball-90","position":6,"depth":"normal","pace_ft":2.7}',
            'off_ft',
            32.39,
            32.41,
        ]),
    ]
    #[
        TestWith([
            'bunt',
            '{"rule_set":"fastpitch-43","level":"fastpitch-14-16u","situation":"R1-0","coverage":"first-stays",' .
            '"degrees":-20,"rest_ft":30}',
            'fielded_s',
            0.8,
            1.6,
        ]),
    ]
    #[
        TestWith([
            'win',
            '{"rates":' . self::RATES . ',"inning":9,"half":"top","home_lead":0,"innings":9}',
            'home_wins',
            0.4,
            0.6,
        ]),
    ]
    #[TestWith(['range', '{"rule_set":"baseball-90","level":"pro","situation":"R1-1"}', 'two_per_ball', 0.29, 0.36])]
    #[
        TestWith([
            'range',
            '{"rule_set":"baseball-90","level":"pro","situation":"R1-1","execution":"perfect"}',
            'error_per_ball',
            0.0,
            0.0,
        ]),
    ]
    #[
        TestWith([
            'range',
            '{"rule_set":"baseball-90","level":"baseball-college","situation":"R3-1","inning":9,"half":"bottom",' .
            '"home_lead":0,"batter":{"bats":"L","home_to_first_s":4.2,"power":true},' .
            '"runners":{"third_home_to_first_s":4.3}}',
            'losing_chance_per_ball',
            0.05,
            0.95,
        ]),
    ]
    #[
        TestWith([
            'ground-ball-play',
            '{"rule_set":"baseball-80","level":"baseball-13-14","situation":"R1-0","inning":4,"half":"bottom",' .
            '"home_lead":-1,"batter":{"bats":"R","home_to_first_s":4.55},"ball":{"degrees":-13,"exit_speed_mph":72},' .
            '"policy":"two"}',
            'fielded_s',
            1.3,
            1.6,
        ]),
    ]
    #[
        TestWith([
            'ground-ball-play',
            '{"rule_set":"fastpitch-43","level":"fastpitch-14-16u","situation":"none-1","ball":{"degrees":24,' .
            '"exit_speed_mph":95,"hop":"bad","surface":"wet grass"},"coverage":"ground","execution":"perfect"}',
            'clean_chance',
            0.0,
            1.0,
        ]),
    ]
    #[
        TestWith([
            'feed',
            '{"rule_set":"baseball-90","level":"pro","position":4,"throws":"L","from":{"x_ft":30,"y_ft":120}}',
            'seconds',
            0.8,
            1.6,
        ]),
    ]
    #[
        TestWith([
            'range',
            '{"rule_set":"baseball-90","level":"pro","spots":[{"position":6,"x_ft":-70,"y_ft":100}]}',
            'outs_per_ball',
            0.5,
            0.8,
        ]),
    ]
    #[
        TestWith([
            'relay',
            '{"rule_set":"baseball-90","ball":{"x_ft":-150,"y_ft":280},"target":"home",' .
            '"arms":{"outfield_mph":88,"cutoff_mph":82}}',
            'relay_s',
            4.9,
            5.3,
        ]),
    ]
    #[
        TestWith([
            'relay',
            '{"rule_set":"fastpitch-43","ball":{"x_ft":-100,"y_ft":150},"target":{"x_ft":0,"y_ft":80},' .
            '"arms":{"outfield_mph":56,"cutoff_mph":52},"exchanges":{"outfield_s":1,"relay_s":0.7}}',
            'line_off_cost_s_per_ft',
            0.01,
            0.03,
        ]),
    ]
    #[
        TestWith([
            'outfield-play',
            '{"rule_set":"baseball-90","level":"pro","situation":"R1-0","runners_are":"bold",' .
            '"ball":{"x_ft":-90,"y_ft":310,"flight":"line","reached":"back-turned"},"coverage":"outfield-by-side",' .
            '"spots":[{"position":7,"x_ft":-130,"y_ft":240}]}',
            'fielded_s',
            3.0,
            8.0,
        ]),
    ]
    #[
        TestWith([
            'outfield-play',
            '{"rule_set":"baseball-60","level":"baseball-10-12","situation":"none-2",' .
            '"ball":{"x_ft":0,"y_ft":150,"flight":"fly","reached":"caught"}}',
            'out_chance',
            0.0,
            0.0,
        ]),
    ]
    #[
        TestWith([
            'idle-check',
            '{"rule_set":"fastpitch-35","level":"fastpitch-12u","situations":["R1-0","none-2"],"limit":3}',
            'balls',
            120,
            120,
        ]),
    ]
    public function testAnswersFitTheirSchema(
        string $question,
        string $json,
        string $field,
        float $least,
        float $most,
    ): void {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask($question, $json);
        $answer = json_decode($output);
        self::assertSame(0, $code, $output);
        self::assertInstanceOf(\stdClass::class, $answer);
        $schema = (new Schemas(self::SCHEMAS))->read("$question.answer");

        self::assertNull((new Validator())->validate($answer, $schema)->error());
        self::assertGreaterThanOrEqual($least, $answer->$field);
        self::assertLessThanOrEqual($most, $answer->$field);
    }

    #[
        TestWith([
            'alignment',
            '{"rule_set":"fastpitch-43","level":"fastpitch-14-16u","situation":"R1-0","players":[{"position":6,' .
            '"name":"Marsh","pace_ft":2}]}',
            '"paces": "7 off second, 2 back"',
        ]),
    ]
    #[
        TestWith([
            'schedule',
            '{"minutes":26,"round_minutes":8,"rotation_minutes":1,"seed":4,"players":[{"id":"a","positions":[3]},' .
            '{"id":7,"positions":[4,6],"throws_left":20}],"helpers":1,"equipment":{"net":1},' .
            '"stations":[{"id":"pivot","positions":[4,6],"min":1,"max":4,"at_once":1,"seconds_per_rep":24,' .
            '"throws_per_rep":1,"helpers":1,"zones":["second",{"x":0,"y":85,"r":10}],' .
            '"throw_lane":[[0,85],[42,42]],"hit_lane":null},{"id":"hops","positions":[3],"min":1,"max":3,' .
            '"at_once":1,"seconds_per_rep":12,"equipment":{"net":1},"zones":[[[60,30],[80,30],[80,50]]]}],' .
            '"needs":[{"id":"n1","position":4,"station":"pivot","reps":20,"weight":1},{"id":"n2","position":3,' .
            '"station":"hops","reps":200,"weight":0.5}],"ways_out":true}',
            '"why": "The minutes: other needs weigh more."',
        ]),
    ]
    #[
        TestWith([
            'bunt-map',
            '{"rule_set":"fastpitch-43","level":"fastpitch-14-16u","situation":"R1R2-0","coverage":"wheel"}',
            '"coverage": "wheel"',
        ]),
    ]
    #[
        TestWith([
            'coverage-audit',
            '{"rule_set":"baseball-80","level":"baseball-13-14","situation":"R1R2-0","policy":"first"}',
            '"label": "Shows, then swings"',
        ]),
    ]
    #[
        TestWith([
            'bunt',
            '{"rule_set":"baseball-80","level":"baseball-13-14","situation":"R3-0","kind":"squeeze"}',
            '"is_force": false',
        ]),
    ]
    #[
        TestWith([
            'alignment',
            '{"rule_set":"baseball-90","level":"pro","situation":"R3-0","inning":9}',
            '"wants": "Plate"',
        ]),
    ]
    #[TestWith(['improve', '{"rule_set":"baseball-90","level":"pro","situation":"R1-1"}', '"outs_gained_per_100"'])]
    #[
        TestWith([
            'two-or-one',
            '{"rule_set":"baseball-90","level":"pro","situation":"R1-0","starter":6,"exit_speeds_mph":[45,90],' .
            '"home_to_first_s":[3.9,4.7]}',
            '"two"',
        ]),
    ]
    public function testWhatTheyAnswer(string $question, string $json, string $part): void
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask($question, $json);
        $schema = (new Schemas(self::SCHEMAS))->read("$question.answer");

        self::assertSame(0, $code, $output);
        self::assertNull((new Validator())->validate(json_decode($output), $schema)->error());
        self::assertStringContainsString($part, $output);
    }

    public function testRunsForEverySituation(): void
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask('runs', '{"level":"pro","rates":' . self::RATES . '}');
        $schema = (new Schemas(self::SCHEMAS))->read('runs.answer');

        self::assertSame(0, $code, $output);
        self::assertNull((new Validator())->validate(json_decode($output), $schema)->error());
        /** @var array{expected_runs: array<string, list<float>>, scoring_chance: array<string, list<float>>} $answer */
        $answer = json_decode($output, true);
        self::assertEqualsWithDelta(2.292, $answer['expected_runs']['loaded'][0], 0.1);
        self::assertEqualsWithDelta(0.27, $answer['scoring_chance']['none'][0], 0.03);
    }

    public function testABallThatStopsShortNeverArrives(): void
    {
        [$output] = (new Fox(self::SCHEMAS))->ask(
            'ground-ball',
            '{"exit_speed_mph":20,"surface":"wet grass","distance_ft":300}',
        );

        self::assertStringContainsString('"seconds": null', $output);
    }

    public function testTheCommandItself(): void
    {
        $process = proc_open(
            [\PHP_BINARY, __DIR__ . '/../../bin/fox', 'throw'],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], '{"ball":"softball-12","speed_mph":0,"distance_ft":60}');
        fclose($pipes[0]);
        $output = stream_get_contents($pipes[1]);

        self::assertStringContainsString('"field": "speed_mph"', (string) $output);
        self::assertSame('', stream_get_contents($pipes[2]));
        self::assertSame(1, proc_close($process));
    }
}
