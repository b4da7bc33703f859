<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Team\ScriptLine;
use FoxCorner\Core\Practice\Team\TeamScript;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class TeamScriptTest extends TestCase
{
    public function testTheMinutesAreSpentToTheLast(): void
    {
        foreach ([0, 1, 4, 10, 11, 25, 60] as $minutes) {
            $script = TeamScript::of($minutes, Practices::needs(Teams::nine()), self::plays());
            self::assertSame(
                $minutes,
                array_sum(array_map(static fn(ScriptLine $line): int => $line->minutes, $script)),
                "$minutes minutes",
            );
        }
    }

    public function testUnitsFirstThenLiveSituationsWorstFirst(): void
    {
        $script = TeamScript::of(20, Practices::needs(Teams::nine()), self::plays());
        $live = array_values(array_filter($script, static fn(ScriptLine $line): bool => $line->isLive));

        self::assertFalse($script[0]->isLive);
        self::assertNotSame([], $live);
        self::assertTrue($script[\count($script) - 1]->isLive);
        self::assertSame($live, \array_slice($script, -\count($live)), 'live situations are together at the end');
        foreach ($live as $line) {
            self::assertMatchesRegularExpression(
                '/^\d has it, (throw|to \d) to \w+: an out in \d+ of 10\.$/',
                $line->expect,
            );
            self::assertStringContainsString('it rests', $line->do);
        }
    }

    public function testTheBallsOfLiveSituationsGoRound(): void
    {
        $script = TeamScript::of(60, Practices::needs(Teams::nine()), self::plays());
        $live = array_filter($script, static fn(ScriptLine $line): bool => $line->isLive);

        self::assertSame(
            ['5', '1', '3', '2'],
            array_values(array_map(static fn(ScriptLine $line): string => $line->expect[0], $live)),
            'nobody has a second bunt before the four who charge have one each',
        );
    }

    public function testWhatIsNeededMostIsTheFirstUnit(): void
    {
        $needs = array_values(
            array_filter(
                Practices::needs(Teams::nine()),
                static fn($need): bool => 'cutoff-line' === $need->skill->value,
            ),
        );

        self::assertSame('Balls to the gaps', TeamScript::of(5, $needs, [])[0]->title);
    }

    public function testWithoutACoverageThereAreOnlyUnits(): void
    {
        $script = TeamScript::of(12, Practices::needs(Teams::nine()), []);

        self::assertNotSame([], $script);
        self::assertSame([], array_filter($script, static fn(ScriptLine $line): bool => $line->isLive));
    }

    public function testABuntInWords(): void
    {
        $words = static fn(float $feet, float $degrees): string => BuntTrial::restingAt(
            $feet,
            $degrees,
            Teams::state()->rules,
        )->words();

        self::assertSame('Dead, along the third-base line: it rests 15 ft out.', $words(15, -40));
        self::assertSame('Firm, straight at the mound: it rests 50 ft out.', $words(50, 0));
        self::assertStringContainsString('between the mound and first', $words(30, 20));
    }

    /** @return list<AuditedPlay> */
    private static function plays(): array
    {
        return array_map(
            static fn(string $situation): AuditedPlay => Practices::audited(
                Teams::bunt(Teams::state(situation: $situation)),
            ),
            ['R1-0', 'R2-0', 'R1R2-0', 'R1R2-1'],
        );
    }
}
