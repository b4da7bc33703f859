<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** What a coach calls a depth, and the sign for it. */
final readonly class DepthName
{
    public string $word;
    public string $sign;

    /** @throws Problem when the word is missing or one of them is long */
    public function __construct(string $word, string $sign)
    {
        [$this->word, $this->sign] = [trim($word), trim($sign)];
        if ('' === $this->word || mb_strlen($this->word) > 30) {
            throw Refused::because('word', '' === $this->word ? 'it is empty' : 'it is too long', '1 to 30 letters');
        }
        if (mb_strlen($this->sign) > 60) {
            throw Refused::because('sign', 'it is too long', 'up to 60 letters, or nothing');
        }
    }
}
