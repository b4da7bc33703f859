<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Fox\Fox;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The questions that other programs ask, by their published schemas. */
final class FoxTest extends TestCase
{
    private const SCHEMAS = __DIR__.'/../../docs/schemas';

    #[TestWith(['throw', '{"ball":"baseball","speed_mph":82,"distance_ft":127.28}', 'flight_s', 1.20, 1.30])]
    #[TestWith(['run', '{"home_to_first_s":4.35,"base_path_ft":90,"bats":"R","start":"steal","distance_ft":78}', 'seconds', 3.5, 3.7])]
    #[TestWith(['ground-ball', '{"exit_speed_mph":85,"surface":"grass","distance_ft":125}', 'seconds', 1.35, 1.45])]
    #[TestWith(['spot', '{"rule_set":"baseball-90","position":6,"depth":"normal","pace_ft":2.7}', 'off_ft', 32.39, 32.41])]
    #[TestWith(['bunt', '{"rule_set":"fastpitch-43","level":"fastpitch-14-16u","coverage":"first-stays","degrees":-20,"rest_ft":30}', 'fielded_s', 0.8, 1.6])]
    public function testAnswersFitTheirSchema(string $question, string $json, string $field, float $least, float $most): void
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask($question, $json);
        $answer = json_decode($output);
        self::assertSame(0, $code, $output);
        self::assertInstanceOf(\stdClass::class, $answer);
        $schema = json_decode((string) file_get_contents(self::SCHEMAS."/$question.answer.json"));
        self::assertInstanceOf(\stdClass::class, $schema);

        self::assertNull((new Validator())->validate($answer, $schema)->error());
        self::assertGreaterThanOrEqual($least, $answer->$field);
        self::assertLessThanOrEqual($most, $answer->$field);
    }

    #[TestWith(['run', '{"home_to_first_s":43,"base_path_ft":90,"bats":"R","start":"steal","distance_ft":78}', 'home_to_first_s', '2.2 to 8'])]
    #[TestWith(['run', '{"home_to_first_s":4,"base_path_ft":9000,"bats":"R","start":"steal","distance_ft":78}', 'base_path_ft', '45 to 100'])]
    #[TestWith(['throw', '{"speed_mph":82,"distance_ft":100}', 'ball', 'baseball, softball-12'])]
    #[TestWith(['throw', '{"ball":"baseball","speed_mph":"fast","distance_ft":100}', 'speed_mph', '10 to 110'])]
    #[TestWith(['throw', '{"ball":"baseball","speed_mph":82,"distance_ft":100,"wind":3}', 'wind', 'ball, speed_mph, distance_ft'])]
    #[TestWith(['ground-ball', '{"exit_speed_mph":85,"surface":"ice","distance_ft":125}', 'surface', 'grass, dirt'])]
    #[TestWith(['spot', '{"rule_set":"baseball-90","position":8,"depth":"normal"}', 'position', '3, 4, 5, 6'])]
    #[TestWith(['bunt', '{"rule_set":"fastpitch-43","level":"pro","situation":"R3-0"}', 'situation', 'R1-0'])]
    #[TestWith(['bunt', '{"rule_set":"slowpitch-65","level":"pro"}', 'situation', 'R1-0'])]
    #[TestWith(['throw', 'nonsense', 'input', 'docs/schemas/throw.question.json'])]
    #[TestWith(['throw', '[1]', 'input', 'an object'])]
    #[TestWith(['hop', '{}', 'question', 'throw, run, ground-ball, spot, bunt'])]
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

    public function testABallThatStopsShortNeverArrives(): void
    {
        [$output] = (new Fox(self::SCHEMAS))->ask('ground-ball', '{"exit_speed_mph":20,"surface":"wet grass","distance_ft":300}');

        self::assertStringContainsString('"seconds": null', $output);
    }

    public function testTheCommandItself(): void
    {
        $process = proc_open([\PHP_BINARY, __DIR__.'/../../bin/fox', 'throw'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], '{"ball":"softball-12","speed_mph":0,"distance_ft":60}');
        fclose($pipes[0]);
        $output = stream_get_contents($pipes[1]);

        self::assertStringContainsString('"field": "speed_mph"', (string) $output);
        self::assertSame('', stream_get_contents($pipes[2]));
        self::assertSame(1, proc_close($process));
    }
}
