<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;
use FoxCorner\App\Shared\Json\Schemas;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The five questions about runners: what is answered fits its schema, and what is asked wrongly is named. */
final class RunnersFoxTest extends TestCase
{
    private const SCHEMAS = __DIR__ . '/../../docs/schemas';
    private const PRO = '"rule_set":"baseball-90","level":"pro"';
    private const YOUNG = '"rule_set":"baseball-60","level":"baseball-10-12"';
    private const GIRLS = '"rule_set":"fastpitch-43","level":"fastpitch-14-16u"';
    /** One measured battery against one measured runner. */
    private const STEAL =
        self::PRO .
        ',"base":"second","lead_ft":12,"pitcher":{"to_plate_s":1.3},"catcher":{"exchange_s":0.75,"arm_mph":81},' .
        '"runner":{"home_to_first_s":4.3}';

    /** To the plate, out of the hand, 127 feet 3 inches at 81, and 0.15 s for the tag. */
    public function testAStealIsFourTimes(): void
    {
        $steal = $this->asked('steal', self::STEAL);

        self::assertSame(12.0, $steal['lead_ft']);
        self::assertEqualsWithDelta(1.3 + 0.75 + 1.24, $steal['ball_s'], 0.02);
        self::assertEqualsWithDelta(0.15, self::number($steal, 'tag_s') - self::number($steal, 'ball_s'), 0.001);
        self::assertEqualsWithDelta(
            self::number($steal, 'runner_s') - self::number($steal, 'tag_s'),
            $steal['margin_s'],
            0.001,
        );
        $slower = $this->asked('steal', str_replace('"to_plate_s":1.3', '"to_plate_s":1.5', self::STEAL));
        self::assertEqualsWithDelta(
            self::number($steal, 'margin_s') - 0.2,
            $slower['margin_s'],
            0.001,
            'a slower delivery is the runner\'s, second for second',
        );
        self::assertGreaterThan(self::number($steal, 'success_chance') + 0.25, $slower['success_chance']);
        self::assertLessThan($steal['alarm_line_ft'], $steal['steal_line_ft']);
    }

    public function testTheMostUsefulHelpComesFirst(): void
    {
        $helps = $this->asked('steal', self::STEAL)['helps'];
        self::assertIsArray($helps);
        $chances = array_column($helps, 'success_chance');
        $sorted = $chances;
        sort($sorted);

        self::assertSame($sorted, $chances);
        self::assertContains('slide-step', array_column($helps, 'what'));
    }

    #[TestWith([self::GIRLS . ',"kind":"quick","base":"first"', 'may not leave before the release'])]
    #[TestWith([self::YOUNG . ',"kind":"daylight","base":"second"', 'umpire decide'])]
    #[TestWith([self::PRO . ',"kind":"inside","base":"first"', 'not thrown to first'])]
    public function testAPickThatIsNotOfferedSaysWhy(string $json, string $why): void
    {
        $pick = $this->asked('pick', $json);

        self::assertTrue($pick['legal'], 'no rule forbids it');
        self::assertFalse($pick['offered']);
        self::assertIsString($pick['why']);
        self::assertStringContainsString($why, $pick['why']);
        self::assertNull($pick['out_chance']);
    }

    public function testThePitcherHasNobodyToThrowBehindWhereTheCatcherHas(): void
    {
        foreach ([self::GIRLS, self::YOUNG] as $game) {
            self::assertFalse($this->asked('pick', "$game,\"kind\":\"quick\",\"base\":\"first\"")['offered']);
            self::assertTrue($this->asked('pick', "$game,\"kind\":\"catcher-behind\",\"base\":\"first\"")['offered']);
        }
    }

    /** A longer lead by two feet is a longer way back; nobody behind the throw costs the more bases. */
    public function testAPickByItsLeadAndItsBackUp(): void
    {
        $pick = self::PRO . ',"kind":"quick","base":"first","lead_ft":';
        [$short, $long] = [$this->asked('pick', $pick . 12), $this->asked('pick', $pick . 18)];
        $alone = $this->asked('pick', $pick . '12,"backed_up":false');

        self::assertGreaterThan(self::number($short, 'out_chance') + 0.3, $long['out_chance']);
        self::assertGreaterThan(self::number($short, 'error_cost_runs') * 1.2, $alone['error_cost_runs']);
        self::assertSame($short['out_chance'], $alone['out_chance']);
    }

    public function testLooksAreDrawnAgainTheSameAndScored(): void
    {
        $json = '"pitches":12,"seed":7,"looks":[0,1,2],"hold_s":[1.5,2.5],"weights":[1,2,1]';
        $drawn = $this->asked('looks', $json);
        self::assertIsArray($drawn['pitches']);
        self::assertCount(12, $drawn['pitches']);
        self::assertSame($drawn, $this->asked('looks', $json));
        self::assertNotSame($drawn, $this->asked('looks', str_replace('"seed":7', '"seed":8', $json)));
        foreach ($drawn['pitches'] as $pitch) {
            self::assertIsArray($pitch);
            self::assertContains($pitch['looks'], [0, 1, 2]);
            self::assertContains($pitch['hold_s'], [1.5, 2.5]);
        }

        $again = $this->asked('looks', '"sequence":[2,2,2,2,2,2]');
        self::assertTrue($again['flagged']);
        self::assertSame(6, $again['longest_row']);
        self::assertGreaterThan(0.75, $again['predictability']);
    }

    public function testARundownNamesItsPeople(): void
    {
        $rundown = $this->asked('rundown', self::PRO . ',"between":["first","second"]');
        self::assertIsArray($rundown['jobs']);
        self::assertSame([1, 2, 3, 4, 5, 6, 7, 8, 9], array_column($rundown['jobs'], 'position'));
        self::assertIsArray($rundown['planned_throws']);
        $chances = array_column($rundown['planned_throws'], 'out_chance', 'throws');

        self::assertGreaterThan($chances[3], $chances[1], 'one throw beats three');
        self::assertSame('first', $rundown['run_toward']);
        $lead = $this->asked('rundown', self::PRO . ',"between":["first","second"],"situation":"R1R3-1"');
        self::assertSame(['R3'], array_column((array) $lead['lead_runners'], 'runner'));
    }

    public function testFirstAndThirdWeighsEverySchool(): void
    {
        $slow = self::PRO . ',"situation":"R1R3-2","third":{"home_to_first_s":4.9}';
        $two = $this->asked('first-and-third', $slow);
        self::assertSame('through', $two['call'], 'two out and a slow runner on third');
        self::assertCount(6, (array) $two['schools']);
        self::assertEqualsWithDelta(1, array_sum(array_column((array) $two['schools'], 'share')), 0.01);

        $late = $this->asked('first-and-third', self::PRO . ',"situation":"R1R3-1","inning":9,"score":1');
        self::assertTrue($late['run_must_not_score']);
        self::assertSame('chance to win', $late['unit']);
    }

    #[TestWith(['steal', self::PRO . ',"base":"first"', 'base', 'second, third, home'])]
    #[TestWith(['steal', self::PRO . ',"base":"second","lead_ft":99', 'lead_ft', '0 to 40'])]
    #[TestWith(['steal', self::PRO . ',"base":"second","pitcher":{"to_plate_s":0}', 'pitcher.to_plate_s', 'from'])]
    #[TestWith(['steal', self::PRO . ',"base":"second","wanted_chance":1', 'wanted_chance', 'below 1'])]
    #[TestWith(['pick', self::PRO . ',"kind":"hurl","base":"first"', 'kind', 'daylight'])]
    #[
        TestWith([
            'pick',
            self::PRO . ',"kind":"daylight","base":"second","situation":"R1-1"',
            'situation',
            'as in R2-0',
        ]),
    ]
    #[TestWith(['looks', '', 'pitches', 'or a sequence'])]
    #[TestWith(['looks', '"pitches":4,"looks":[0,1],"weights":[1]', 'weights', 'one for each'])]
    #[TestWith(['looks', '"pitches":4,"looks":[0,1],"weights":[0,0]', 'weights', 'above 0'])]
    #[TestWith(['looks', '"pitches":0', 'pitches', '1 to 200'])]
    #[TestWith(['rundown', self::PRO . ',"between":["first","third"]', 'between', 'second and third'])]
    #[TestWith(['rundown', self::PRO . ',"between":["first","second"],"runner_ft":500', 'runner_ft', '6 to 97'])]
    #[TestWith(['first-and-third', self::PRO . ',"situation":"R1-0"', 'situation', 'a runner on third'])]
    #[TestWith(['first-and-third', self::PRO . ',"when":"never"', 'when', 'fake-bunt'])]
    public function testABadQuestionNamesTheField(string $question, string $json, string $field, string $allowed): void
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask($question, '{' . $json . '}');
        $answer = json_decode($output, true);

        self::assertSame(1, $code, $output);
        self::assertIsArray($answer);
        self::assertIsArray($answer['problem']);
        self::assertSame($field, $answer['problem']['field']);
        self::assertNotSame('', $answer['problem']['wrong']);
        self::assertIsString($answer['problem']['allowed']);
        self::assertStringContainsString($allowed, $answer['problem']['allowed']);
    }

    /**
     * @param string $json the fields of the question
     *
     * @return array<mixed> the answer, which fits its schema
     */
    private function asked(string $question, string $json): array
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask($question, '{' . $json . '}');
        $schema = (new Schemas(self::SCHEMAS))->read("$question.answer");
        self::assertSame(0, $code, $output);
        self::assertNull((new Validator())->validate(json_decode($output), $schema)->error());
        $answer = json_decode($output, true);
        self::assertIsArray($answer);

        return $answer;
    }

    /** @param array<mixed> $answer */
    private static function number(array $answer, string $key): float
    {
        self::assertIsNumeric($answer[$key]);

        return (float) $answer[$key];
    }
}
