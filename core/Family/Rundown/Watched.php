<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;

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

    /** "R3 breaks: throw home, out by 0.41 s." */
    public function words(): string
    {
        $margin = $this->there - $this->tag;

        return \sprintf(
            '%s breaks: throw %s, %s by %.2f s.',
            $this->name,
            Base::Home === $this->to ? 'home' : 'to ' . $this->to->word(),
            $margin > 0.0 ? 'out' : 'safe',
            abs($margin),
        );
    }
}
