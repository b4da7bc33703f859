<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Team\ScriptLine;
use FoxCorner\Core\Practice\Team\TeamPlaces;
use FoxCorner\Core\Practice\Team\TeamScript;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class TeamScriptTest extends TestCase
{
    public function testTheMinutesAreSpentToTheLast(): void
    {
        foreach ([0, 1, 4, 10, 11, 25, 60] as $minutes) {
            $script = TeamScript::of($minutes, Practices::needs(Teams::nine()), self::plays(), self::nine());
            self::assertSame(
                $minutes,
                array_sum(array_map(static fn(ScriptLine $line): int => $line->minutes, $script)),
                "$minutes minutes",
            );
        }
    }

    public function testUnitsFirstThenLiveSituationsWorstFirst(): void
    {
        $script = TeamScript::of(20, Practices::needs(Teams::nine()), self::plays(), self::nine());
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
        $script = TeamScript::of(60, Practices::needs(Teams::nine()), self::plays(), self::nine());
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

        self::assertSame('Balls to the gaps', TeamScript::of(5, $needs, [], self::nine())[0]->title);
    }

    public function testWithoutACoverageThereAreOnlyUnits(): void
    {
        $script = TeamScript::of(12, Practices::needs(Teams::nine()), [], self::nine());

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

    public function testTheScriptIsForThoseWhoAreThere(): void
    {
        $script = static fn(TeamPlaces $places): array => TeamScript::of(
            12,
            Practices::needs(Teams::nine()),
            self::plays(),
            $places,
        );
        // Six in a hall: first base is missing, and whoever plays outside stands in there.
        $six = array_values(
            array_filter(
                Teams::nine(),
                static fn(RosterPlayer $one): bool => \in_array($one->positions[0]->value, [1, 2, 4, 5, 6, 9], true),
            ),
        );
        $inside = TeamPlaces::of($six, FieldPart::Hall);
        $lines = $script($inside);

        self::assertSame($six[5]->name . ' stands in at 3.', $inside->words());
        self::assertSame($inside->words(), $lines[0]->watch);
        self::assertNotContains('Balls to the gaps', array_column($lines, 'title'));
        foreach ($lines as $line) {
            self::assertFalse($line->isLive);
            self::assertStringStartsWith('Rolled, soft ball, half the distance.', $line->do);
        }
        // Three outside, no pitcher, nobody at first: nothing goes where nobody is.
        $few = TeamPlaces::of(
            array_values(
                array_filter(
                    Teams::nine(),
                    static fn(RosterPlayer $one): bool => \in_array($one->positions[0]->value, [4, 5, 6], true),
                ),
            ),
        );
        self::assertSame('Nobody at 1, 2, 3, 7, 8, 9: a helper or a net at a bag.', $few->words());
        $titles = array_column($script($few), 'title');
        self::assertContains('Two', $titles);
        self::assertNotContains('Home, infield in', $titles);
        self::assertNotContains('Bunts, no runners', $titles);
        self::assertStringContainsString(
            'One ball each to 5, 6, 4, then back.',
            implode(' ', array_column($script($few), 'do')),
        );
        self::assertSame('', self::nine()->words());
        self::assertNotContains(
            'Balls to the gaps',
            array_column($script(TeamPlaces::of(Teams::nine(), FieldPart::Infield)), 'title'),
        );
    }

    public function testASecondPositionComesBeforeAStandIn(): void
    {
        $nine = Teams::nine();
        $without = array_values(
            array_filter($nine, static fn(RosterPlayer $one): bool => 6 !== $one->positions[0]->value),
        );
        $extra = Teams::player(20, 4, 6);

        self::assertSame('', TeamPlaces::of([...$without, $extra])->words());
        self::assertTrue(TeamPlaces::of($without)->isLive());
        self::assertFalse(TeamPlaces::of(\array_slice($nine, 0, 6))->isLive());
    }

    private static function nine(): TeamPlaces
    {
        return TeamPlaces::of(Teams::nine());
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
