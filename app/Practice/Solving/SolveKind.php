<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

/** What the workers do. */
enum SolveKind: string
{
    case Make = 'make';
    case Change = 'change';
    case Arrange = 'arrange';
    case Search = 'search';
    case Ways = 'ways';
    case People = 'people';
    case Repeat = 'repeat';
    case Week = 'week';
    case Look = 'look';
    case BringIn = 'bring-in';
    case Improve = 'improve';
    case Ahead = 'ahead';

    /** As a page says it while somebody waits. */
    public function words(): string
    {
        return match ($this) {
            self::Make => 'The practice is being put together',
            self::Change, self::Arrange => 'The practice is being solved again',
            self::Search => 'A better way is being looked for',
            self::Ways => 'What would help is being tried',
            self::People => 'The rounds to come are being solved again',
            self::Repeat => 'The practices of the next weeks are being put together',
            self::Week => 'The practices of the week are being solved together',
            self::Look => 'The archive is being looked over',
            self::BringIn => 'The archive is being brought in',
            self::Improve => 'The best small step is being looked for',
            self::Ahead => 'The plan is being looked over',
        };
    }

    /** What it is done to, as a message names it. */
    public function thing(): string
    {
        return match ($this) {
            self::Look, self::BringIn => 'archive',
            self::Improve => 'step',
            self::Ahead => 'plan',
            default => 'practice',
        };
    }
}
