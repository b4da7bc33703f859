<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;

/** A word that has one meaning on the field; a team may have its own for each. */
enum VoiceWord: string
{
    case Cut = 'cut';
    case First = 'first';
    case Second = 'second';
    case Third = 'third';
    case Home = 'home';
    case LetGo = 'let-go';
    case Tandem = 'tandem';
    case Going = 'going';
    case Mine = 'mine';
    case Now = 'now';
    case Drop = 'drop';

    public static function base(Base $base): self
    {
        return self::from($base->word());
    }

    /** As it comes with the program. */
    public function usual(): string
    {
        return match ($this) {
            self::Cut => 'Cut',
            self::First => 'One',
            self::Second => 'Two',
            self::Third => 'Three',
            self::Home => 'Four',
            self::LetGo => 'Let it go',
            self::Tandem => 'Tandem',
            self::Going => 'He goes',
            self::Mine => 'Mine',
            self::Now => 'Now',
            self::Drop => 'Let it drop',
        };
    }

    public function means(): string
    {
        return match ($this) {
            self::Cut => 'Stop the throw and hold it; with a base, throw there.',
            self::First, self::Second, self::Third, self::Home => "To {$this->value}.",
            self::LetGo => 'The throw sails or is wide: leave it to the man behind.',
            self::Tandem => 'Two go out for the throw.',
            self::Going => 'The runner has tagged up and goes.',
            self::Mine => 'I have the ball; everybody else gives way.',
            self::Now => 'In a rundown, from whoever waits: throw it now.',
            self::Drop => 'A foul fly that costs more caught than down.',
        };
    }
}
