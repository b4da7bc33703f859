<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\WrongLength;

/** What a coach calls a depth, and the sign for it. */
final readonly class DepthName
{
    public string $word;
    public string $sign;

    /** @throws Problem when the word is missing or one of them is long */
    public function __construct(string $word, string $sign)
    {
        $this->word = WrongLength::unlessBetween('word', $word, 1, 30);
        $this->sign = WrongLength::unlessBetween('sign', $sign, 0, 60);
    }
}
