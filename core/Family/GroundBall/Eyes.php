<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\People\Position;

/** What the eyes of each position follow on a ground ball, in order. */
final class Eyes
{
    /** @return non-empty-list<string> */
    public static function of(Position $position): array
    {
        return match ($position) {
            Position::Pitcher => ['the bat', 'the ball', 'the first baseman: is it his?', 'the bag, then the ball'],
            Position::Catcher => ['the ball off the bat', 'the lead runner', 'who has it: call the base', 'the plate'],
            Position::FirstBase => ['the bat', 'the ball: mine or not', 'the bag with the feet', 'the thrower’s hand'],
            Position::SecondBase, Position::Shortstop => [
                'the bat, through the pitch',
                'the ball: which side',
                'the bag by the corner of the eye',
                'the feeder’s hand, then the target; never the runner',
            ],
            Position::ThirdBase => [
                'the lead runner',
                'the bat',
                'the ball: first read decides',
                'the chest to throw to',
            ],
            Position::LeftField, Position::CenterField, Position::RightField => [
                'the ball',
                'where the throw will go',
                'the line behind that bag',
                'the ball that gets away',
            ],
        };
    }
}
