<?php

declare(strict_types=1);

namespace FoxCorner\App\Help;

/**
 * Words of the interface that nobody understood at once, and what is said instead. A test keeps them from coming back;
 * what a word of the game means is told by {@see Word}.
 */
final class RetiredWords
{
    /** @var array<string, string> what is said now, by what was said */
    public const NOW = [
        'Say so' => 'Choose',
        'Weigh them so' => 'Save the points',
        'They do so' => 'Save these',
        'Stand like this' => 'Save the depths',
        'Play these nine' => 'Save the lineup',
        'Play by this line' => 'Save this line',
        'For all our plays' => 'Save for all plays',
        'goes at the ' => 'the job: cover second',
        'on the way before it lands' => 'the job: cover second',
        'minus is in front' => '−3 is three in front',
        'closed mouth' => 'thumb in the glove',
        'player-minutes' => 'minutes that each waits',
        'needs met' => 'get all they need',
        'by rule' => 'as the rules say',
    ];
}
