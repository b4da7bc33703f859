<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\CommandLine\Fox;
use FoxCorner\App\Shared\Json\Schemas;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * bin/fox practice: sheets for ordinary and for odd evenings.
 *
 * @phpstan-type AtStation array{drill: string, helpers: list<string>, repetitions_each: int,
 *     players: list<array{id: string}>, helping: list<array{id: string}>}
 * @phpstan-type APractice array{rounds: list<array{stations: list<AtStation>, waiting: list<mixed>}>,
 *     throws: array<string, int>, needs: list<array{position: int, what: string, wanted: int}>}
 * @phpstan-type Answered array{practices: list<APractice>, floors: list<array{had: int, wanted: int, why: string}>,
 *     problem?: array{field: string, allowed: string}}
 * @phpstan-type Asked array{players: list<array<string, mixed>>, helpers: list<mixed>, ...}
 */
final class PracticeFoxTest extends TestCase
{
    use FoxAsked;

    private const SHED = ['bucket of balls' => 4, 'bag' => 4, 'net' => 1, 'screen' => 1, 'helmet' => 4, 'cone' => 12];

    /** @param Asked $asked */
    #[DataProvider('evenings')]
    public function testNobodyIsLeftOverAndNothingIsBroken(array $asked, int $throws, int $kinds): void
    {
        [$output, $code] = (new Fox(self::SCHEMAS))->ask('practice', (string) json_encode($asked));
        self::assertSame(0, $code, $output);
        $error = (new Validator())
            ->validate(json_decode($output), (new Schemas(self::SCHEMAS))->read('practice.answer'))
            ->error();
        self::assertNull($error, 'it fits its schema');
        /** @var Answered $answer */
        $answer = json_decode($output, true);

        foreach ($answer['practices'] as $practice) {
            self::assertPracticeHolds($practice, \count($asked['players']), \count($asked['helpers']));
            self::assertLessThanOrEqual($throws, max([0, ...array_values($practice['throws'])]));
            $ran = array_merge(
                ...array_map(
                    static fn(array $round): array => array_column($round['stations'], 'drill'),
                    $practice['rounds'],
                ),
            );
            self::assertLessThanOrEqual($kinds, \count(array_unique($ran)));
        }
    }

    /** @param APractice $practice */
    private static function assertPracticeHolds(array $practice, int $players, int $helpers): void
    {
        foreach ($practice['rounds'] as $round) {
            self::assertSame([], $round['waiting']);
            $who = $names = [];
            foreach ($round['stations'] as $station) {
                array_push(
                    $who,
                    ...array_column($station['players'], 'id'),
                    ...array_column($station['helping'], 'id'),
                );
                array_push($names, ...$station['helpers']);
                self::assertGreaterThan(0, $station['repetitions_each']);
            }
            self::assertCount($players, array_unique($who), 'everybody is somewhere');
            self::assertCount($players, $who, 'and once');
            self::assertLessThanOrEqual($helpers, \count($names));
            self::assertSame($names, array_unique($names), 'a helper is in one place');
        }
    }

    /** @return iterable<string, array{Asked, int, int}> what is asked, throws and kinds at most */
    public static function evenings(): iterable
    {
        yield 'six in a hall' => [
            self::asked('fastpitch-43', 'fastpitch-14-16u', 6, 1, 60) + ['part' => 'hall'],
            75,
            10,
        ];
        yield 'twenty with six helpers' => [self::asked('baseball-90-7', 'baseball-high-school', 20, 6, 110), 75, 10];
        yield 'eleven children with one coach' => [self::asked('baseball-60', 'baseball-10-12', 11, 1, 60), 45, 7];
        yield 'fourteen with two sore arms' => [
            self::asked('fastpitch-43', 'fastpitch-14-16u', 14, 3, 75, [3 => 'soft', 5 => 'no-throwing']),
            75,
            10,
        ];
        yield 'college, nine in 45 minutes' => [self::asked('baseball-90', 'baseball-college', 9, 2, 45), 75, 10];
        yield '12U in heat, twice a week' => [
            self::asked('fastpitch-35', 'fastpitch-12u', 12, 3, 90) + ['hot' => true, 'in_days' => [0, 3]],
            60,
            9,
        ];
        yield 'everybody has a sore arm' => [
            self::asked('baseball-80', 'baseball-13-14', 9, 2, 60, array_fill(1, 9, 'soft')),
            0,
            9,
        ];
    }

    public function testWhatWasHadIsNotAskedAgainAndWhatIsLackingSaysWhy(): void
    {
        $asked = self::asked('baseball-90-7', 'baseball-high-school', 9, 2, 45);
        $wanted = static fn(array $history): int => self::needed(self::answer([...$asked, 'history' => $history]));

        self::assertSame(15, $wanted([]), 'half of a week at half the length, and half of that again, less the core');
        self::assertSame(
            9,
            $wanted([['player' => 'p6', 'skill' => 'ground-ball', 'reps' => 20, 'days_ago' => 2]]),
            'no more than this practice’s share is left',
        );
        foreach (self::answer($asked)['floors'] as $floor) {
            self::assertSame($floor['had'] < $floor['wanted'], '' !== $floor['why']);
        }
    }

    public function testAnArmThatHasThrownThrowsNoMoreThanItHasLeft(): void
    {
        $asked = self::asked('baseball-90-7', 'baseball-high-school', 14, 3, 90);
        $free = self::answer($asked)['practices'][0]['throws']['p1'];
        $asked['players'][0]['throws_left'] = 14;
        $few = self::answer($asked)['practices'][0]['throws']['p1'];

        self::assertGreaterThan(14, $free);
        self::assertLessThanOrEqual(14, $few);
    }

    public function testAnArmThatHasPitchedHasItsRestByTheTableOnEachDay(): void
    {
        $asked = self::asked('baseball-90-7', 'baseball-high-school', 10, 3, 90);
        $asked += ['pitched' => [['player' => 'p1', 'days_ago' => 1, 'pitches' => 61]], 'in_days' => [0, 1, 3]];
        $throws = static fn(array $asked): array => array_map(
            static fn(array $one): int => $one['throws']['p1'] ?? 0,
            self::answer($asked)['practices'],
        );
        [$first, $second, $third] = $throws($asked);

        self::assertSame(0, $first, 'three days are owed, none is over');
        self::assertGreaterThan(0, $second);
        self::assertLessThanOrEqual(25, $second, 'one of three');
        self::assertGreaterThan(25, $third);
        self::assertLessThanOrEqual(75, $third);
        self::assertGreaterThan(0, $throws(['rest' => [61, 70, 80, 90, 100]] + $asked)[0], 'the league’s table');
    }

    #[TestWith(['pitched', [['player' => 'who', 'days_ago' => 1, 'pitches' => 9]], 'pitched 0, player'])]
    #[TestWith(['rest', [20, 20, 30, 40, 50], '1 day of rest after'])]
    #[TestWith(['players', [], 'players'])]
    #[TestWith(['helpers', [], 'helpers'])]
    #[TestWith(['minutes', 10, 'minutes'])]
    #[TestWith(['players', [['id' => 'a', 'positions' => [3]], ['id' => 'a', 'positions' => [4]]], 'players'])]
    #[
        TestWith([
            'history',
            [['player' => 'who', 'drill' => 'sure-out', 'reps' => 3, 'days_ago' => 1]],
            'history 0, player',
        ]),
    ]
    #[
        TestWith([
            'history',
            [['player' => 'p1', 'drill' => 'juggling', 'reps' => 3, 'days_ago' => 1]],
            'history 0, drill',
        ]),
    ]
    public function testWhatCannotBeIsSaid(string $field, mixed $value, string $named): void
    {
        $answer = self::answer([$field => $value] + self::asked('baseball-90', 'pro', 9, 2, 60));

        self::assertSame($named, $answer['problem']['field'] ?? null, (string) json_encode($answer));
    }

    public function testOnePlayerAloneHasAPracticeAndWithoutABallASentence(): void
    {
        $asked = self::asked('baseball-90', 'pro', 1, 1, 60);
        $asked['players'][0]['positions'] = [6];
        $rounds = self::answer($asked)['practices'][0]['rounds'];

        self::assertCount(3, $rounds);
        self::assertSame(['p1'], array_column($rounds[0]['stations'][0]['players'], 'id'));
        self::assertMatchesRegularExpression(
            '/^what the nearest is short of: “.+” needs 1 × bucket of balls$/',
            self::answer(['equipment' => new \stdClass()] + $asked)['problem']['allowed'] ?? '',
        );
    }

    /** @param Answered $answer */
    private static function needed(array $answer): int
    {
        foreach ($answer['practices'][0]['needs'] as $need) {
            if (6 === $need['position'] && 'fielded and thrown' === $need['what']) {
                return $need['wanted'];
            }
        }
        self::fail('It is asked.');
    }

    /**
     * @param array<array-key, mixed> $asked
     *
     * @return Answered
     */
    private static function answer(array $asked): array
    {
        [$output] = (new Fox(self::SCHEMAS))->ask('practice', (string) json_encode($asked));
        /** @var Answered $answer */
        $answer = json_decode($output, true);

        return $answer;
    }

    /**
     * @param array<int, string> $limits by number
     *
     * @return Asked
     */
    private static function asked(
        string $rules,
        string $level,
        int $players,
        int $helpers,
        int $minutes,
        array $limits = [],
    ): array {
        return [
            'rule_set' => $rules,
            'level' => $level,
            'minutes' => $minutes,
            'equipment' => self::SHED,
            'helpers' => array_map(
                static fn(int $number): array => ['name' => "H$number", 'hits' => true],
                range(1, $helpers),
            ),
            'players' => array_map(
                static fn(int $number): array => [
                    'id' => "p$number",
                    'positions' => [(($number - 1) % 9) + 1, ($number % 9) + 1],
                    'limit' => $limits[$number] ?? 'none',
                ],
                range(1, $players),
            ),
        ];
    }
}
