<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\InvalidValue;

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

    /** @throws InvalidValue when the number is not 1 to 9 */
    public static function ofNumber(int $number): self
    {
        return self::tryFrom($number) ?? throw InvalidValue::because('position', "$number is no position", '1 to 9');
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
     * @throws InvalidValue when one of them is not 1 to 9
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
            self::Pitcher, self::Catcher, self::Shortstop => 'the '.strtolower($this->name),
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
