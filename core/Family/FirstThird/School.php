<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Play\Scheme\Verb;

/** What a defence does when the runner on first goes and there is one on third. */
enum School: string
{
    case Through = 'through';
    case ReadCut = 'read-cut';
    case ShortCut = 'short-cut';
    case FeintThird = 'feint-third';
    case ToPitcher = 'to-pitcher';
    case Concede = 'concede';

    public function label(): string
    {
        return match ($this) {
            self::Through => 'Through to second',
            self::ReadCut => 'Through, cut if he breaks',
            self::ShortCut => 'Short, always cut',
            self::FeintThird => 'Feint, throw to third',
            self::ToPitcher => 'Back to the pitcher',
            self::Concede => 'Give him second',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Through => 'The out at second is wanted: a slow runner on third, two out, or runs to spare.',
            self::ReadCut => 'The second baseman stands in front of the bag and looks at third: he cuts it when the ' .
                'runner breaks, and lets it go when he stays.',
            self::ShortCut => 'It looks like the throw to second and is stopped half way: for the runner on third.',
            self::FeintThird => 'Arm up for second, then behind the runner on third, who leans.',
            self::ToPitcher => 'At the pitcher’s head, as if to second; he takes it and looks at third.',
            self::Concede => 'The catcher looks at third and holds the ball: nothing goes wrong, and second is given.',
        };
    }

    /** The catcher’s part of it. */
    public function verb(): Verb
    {
        return match ($this) {
            self::Through => Verb::ThrowThrough,
            self::ReadCut => Verb::ThrowForCut,
            self::ShortCut => Verb::ThrowShort,
            self::FeintThird => Verb::FeintToThird,
            self::ToPitcher => Verb::ThrowToPitcher,
            self::Concede => Verb::HoldTheBall,
        };
    }
}
