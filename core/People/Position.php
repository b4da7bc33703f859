<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** The nine positions by their numbers. */
enum Position: int
{
    case Pitcher = 1;
    case Catcher = 2;
    case FirstBase = 3;
    case SecondBase = 4;
    case ThirdBase = 5;
    case Shortstop = 6;
    case LeftField = 7;
    case CenterField = 8;
    case RightField = 9;

    /** Who stands at bases and between them. */
    public const INFIELDERS = [self::FirstBase, self::SecondBase, self::ThirdBase, self::Shortstop];
    /** Who stands in the grass. */
    public const OUTFIELD = [self::LeftField, self::CenterField, self::RightField];
    /** Who fields balls on the ground. */
    public const INFIELD = [self::Pitcher, self::Catcher, ...self::INFIELDERS];

    /** What positions are called besides their numbers; who only bats, or plays anywhere, has none by that. */
    private const WORDS = [
        '1' => [1],
        '2' => [2],
        '3' => [3],
        '4' => [4],
        '5' => [5],
        '6' => [6],
        '7' => [7],
        '8' => [8],
        '9' => [9],
        'P' => [1],
        'SP' => [1],
        'RP' => [1],
        'RHP' => [1],
        'LHP' => [1],
        'PITCHER' => [1],
        'C' => [2],
        'CATCHER' => [2],
        '1B' => [3],
        'FIRSTBASE' => [3],
        'FIRSTBASEMAN' => [3],
        '2B' => [4],
        'SECONDBASE' => [4],
        'SECONDBASEMAN' => [4],
        '3B' => [5],
        'THIRDBASE' => [5],
        'THIRDBASEMAN' => [5],
        'SS' => [6],
        'LF' => [7],
        'LEFTFIELD' => [7],
        'CF' => [8],
        'CENTERFIELD' => [8],
        'CENTREFIELD' => [8],
        'RF' => [9],
        'RIGHTFIELD' => [9],
        'OF' => [7, 8, 9],
        'OUTFIELD' => [7, 8, 9],
        'IF' => [4, 5, 6],
        'MI' => [4, 6],
        'CI' => [3, 5],
        'DH' => [],
        'EH' => [],
        'DP' => [],
        'UT' => [],
        'UTIL' => [],
    ];

    /** @throws Problem when the number is not 1 to 9 */
    public static function ofNumber(int $number): self
    {
        return self::tryFrom($number) ?? throw Refused::because('position', "$number is no position", '1 to 9');
    }

    /**
     * As somebody types or a spreadsheet has them: "6 4", "SS/2B", "P, OF", "Right field".
     *
     * @return non-empty-list<self> in the order given, each once; OF is left, center and right, IF second, third and
     *                              short
     *
     * @throws Problem naming the part that is no position
     */
    public static function read(string $typed): array
    {
        $positions = [];
        $words = preg_replace(
            [
                '/\b(left|center|centre|right)\s*-?\s*(field|fielder)\b/i',
                '/\b(first|second|third)\s*-?\s*(base|baseman)\b/i',
                '/\bshort\s*-?\s*stop\b/i',
            ],
            ['$1field', '$1base', 'SS'],
            $typed,
        );
        foreach ((array) preg_split('/[^0-9A-Za-z]+/', (string) $words, flags: \PREG_SPLIT_NO_EMPTY) as $part) {
            foreach (
                self::WORDS[strtoupper((string) $part)] ??
                    throw Refused::because(
                        'positions',
                        "\"$part\" is no position",
                        'position numbers 1 to 9 or P, C, 1B, 2B, 3B, SS, LF, CF, RF, the best first, as in 6 4',
                    ) as $number
            ) {
                $positions[$number] = self::ofNumber($number);
            }
        }

        return [] !== $positions
            ? array_values($positions)
            : throw Missing::at(
                'positions',
                'position numbers 1 to 9 or P, C, 1B, 2B, 3B, SS, LF, CF, RF, the best first, as in 6 4',
            );
    }

    /**
     * @param list<self> $positions
     *
     * @return list<int>
     */
    public static function numbers(array $positions): array
    {
        return array_map(static fn(self $position): int => $position->value, $positions);
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<self>
     *
     * @throws Problem when one of them is not 1 to 9
     */
    public static function ofNumbers(array $numbers): array
    {
        return array_map(self::ofNumber(...), $numbers);
    }

    public function label(): string
    {
        return match ($this) {
            self::FirstBase => 'First base',
            self::SecondBase => 'Second base',
            self::ThirdBase => 'Third base',
            self::LeftField => 'Left field',
            self::CenterField => 'Center field',
            self::RightField => 'Right field',
            self::Pitcher, self::Catcher, self::Shortstop => $this->name,
        };
    }

    /** As in a sentence: "the third baseman". */
    public function person(): string
    {
        return match ($this) {
            self::FirstBase => 'the first baseman',
            self::SecondBase => 'the second baseman',
            self::ThirdBase => 'the third baseman',
            self::LeftField => 'the left fielder',
            self::CenterField => 'the center fielder',
            self::RightField => 'the right fielder',
            self::Pitcher, self::Catcher, self::Shortstop => 'the ' . strtolower($this->name),
        };
    }

    public function group(): PositionGroup
    {
        return match ($this) {
            self::Pitcher, self::Catcher => PositionGroup::Battery,
            self::FirstBase, self::ThirdBase => PositionGroup::Corners,
            self::SecondBase, self::Shortstop => PositionGroup::Middle,
            self::LeftField, self::CenterField, self::RightField => PositionGroup::Outfield,
        };
    }
}
