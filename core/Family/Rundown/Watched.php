<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\Verdict;

/** A runner in front of the one who is run: what happens when he breaks. */
final readonly class Watched
{
    /**
     * @param string $name  "R3"
     * @param float  $there s at which he is at the next base
     * @param float  $tag   s at which a throw there is held and the tag made
     * @param float  $out   the chance of it
     */
    public function __construct(
        public string $name,
        public Base $to,
        public float $there,
        public float $tag,
        public float $out,
    ) {}

    /** "R3 breaks: throw home, out, 93 in 100, by 0.41 s." */
    public function words(): string
    {
        return \sprintf(
            '%s breaks: throw %s, %s.',
            $this->name,
            Base::Home === $this->to ? 'home' : 'to ' . $this->to->word(),
            Verdict::of($this->out, $this->there - $this->tag)->words('out', 'safe'),
        );
    }
}
