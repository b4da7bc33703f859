<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Showing;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** Signs of those who have a part in a repetition, and of bags, in words. */
final class Who
{
    /** Bags by sign. */
    public const BAGS = ['1B' => Base::First, '2B' => Base::Second, '3B' => Base::Third, 'HP' => Base::Home];
    /** Who has no sign on the drawing: the first one, and the second. */
    public const UNNAMED = ['a', 'b'];

    /** Where somebody runs who goes for it. */
    public const BALL = 'ball';

    /** @param Way $way how it gets from or to him */
    public static function of(string $sign, Way $way): string
    {
        $ball = $way->isOfTheBall();

        return match (true) {
            isset(self::BAGS[$sign]) => self::BAGS[$sign]->word(),
            self::BALL === $sign => 'the ball',
            'a' === $sign => 'the player',
            'b' === $sign => 'the partner',
            'H' === $sign => 'the helper',
            'R' === $sign[0] => $ball ? 'the roller' : 'the runner',
            'C' === $sign[0] => $ball ? 'the target' : 'the cone',
            'N' === $sign => 'the net',
            'B' === $sign => 'the bag',
            default => Position::ofNumber((int) $sign[0])->person(),
        };
    }
}
