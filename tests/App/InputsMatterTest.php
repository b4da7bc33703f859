<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is asked along with a question changes its answer somewhere, or is refused. */
final class InputsMatterTest extends TestCase
{
    use FoxAsked;

    private const PRO = '"rule_set":"baseball-90","level":"pro"';
    private const LEFT_CATCHER = '"players":[{"position":2,"throws":"L"}]';
    private const LEFT_IN_LEFT = '"players":[{"position":7,"throws":"L"}]';
    private const BALL = '"situation":"R2-2","ball":{"x_ft":-140,"y_ft":230,"flight":"line"}';
    private const THERE = '"fielder":{"distance_ft":35}';
    private const QUICK = '"fielder":{"distance_ft":35,"home_to_first_s":4.1}';
    private const BOTH = '"fielder":{"distance_ft":30},"cover_s":2';

    /**
     * @param string $path of the answer, by dots
     * @param float  $by   how much more that is with it
     */
    #[TestWith(['steal', '"base":"second"', self::THERE, 'success_chance', 0.21])]
    #[TestWith(['steal', '"base":"second",' . self::THERE, self::QUICK, 'success_chance', -0.2115])]
    #[TestWith(['play', '"family":"steal","situation":"R2-0"', self::LEFT_CATCHER, 'options.0.out_chance', 0.041])]
    #[TestWith(['outfield-play', self::BALL, self::LEFT_IN_LEFT, 'thrown.there_s', 0.042])]
    #[TestWith(['alignment', '"pitching":"spots","situation":"none-0"', '"pitch":"outside"', 'spots.5.x_ft', 2.12])]
    #[TestWith(['range', '"situation":"none-0"', '"pitch":"inside"', 'outs_per_ball', 0.001])]
    public function testItMatters(string $question, string $asked, string $more, string $path, float $by): void
    {
        $at = static function (mixed $answer) use ($path): float {
            foreach (explode('.', $path) as $name) {
                self::assertIsArray($answer);
                $answer = $answer[$name] ?? null;
            }
            self::assertIsNumeric($answer);

            return (float) $answer;
        };
        // Of two of one name the later counts.
        $with = $at(self::answer($question, "$asked,$more"));

        self::assertEqualsWithDelta($by, $with - $at(self::answer($question, $asked)), abs($by) / 10);
    }

    #[TestWith(['steal', '"base":"second","fielder":{"home_to_first_s":4.1}', 'fielder.distance_ft'])]
    #[TestWith(['steal', '"base":"second",' . self::BOTH, 'fielder'])]
    #[TestWith(['play', '"family":"steal","situation":"R1-0","trial":{"degrees":3}', 'trial'])]
    #[TestWith(['alignment', '"situation":"none-0","pitch":"inside"', 'pitch'])]
    #[TestWith(['bunt', '"situation":"R1-0","degrees":5,"rest_ft":30,"pitch":"inside"', 'pitch'])]
    #[
        TestWith([
            'two-or-one',
            '"situation":"R1-0","exit_speeds_mph":[80],"home_to_first_s":[4.4],"pitch":"outside"',
            'pitch',
        ]),
    ]
    public function testOrItIsRefused(string $question, string $asked, string $field): void
    {
        $problem = self::answer($question, $asked)['problem'] ?? null;

        self::assertIsArray($problem, 'it is refused');
        self::assertSame($field, $problem['field'] ?? null);
    }

    /** @return array<array-key, mixed> */
    private static function answer(string $question, string $asked): array
    {
        [$output] = (new Fox(self::SCHEMAS))->ask($question, '{' . self::PRO . ",$asked}");
        $answer = json_decode($output, true);

        return \is_array($answer) ? $answer : throw new \LogicException('It answers.');
    }
}
