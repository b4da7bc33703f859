<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\Verdict;

/** A runner in front of the one who is run: what happens when he breaks. */
final readonly class Watched
{
    /**
     * @param string $name   "R3"
     * @param float  $there  s at which he is at the next base
     * @param float  $tag    s at which a throw there is held and the tag made
     * @param float  $out    the chance of it
     * @param float  $later  the same when he breaks as the ball is thrown away from him, to whoever takes it ahead
     * @param bool   $endsIt the tag would be the third out
     */
    public function __construct(
        public string $name,
        public Base $to,
        public float $there,
        public float $tag,
        public float $out,
        public float $later,
        public bool $endsIt,
    ) {}

    /** What the one who is caught plays for: he makes the tag take long, and the one in front goes. */
    public function theirs(): string
    {
        return $this->endsIt
            ? \sprintf(
                'They want it long: %s goes at once, and %s unless the tag is made within %.1f s of that.',
                $this->name,
                Base::Home === $this->to ? 'the run counts' : "has {$this->to->word()}",
                $this->there,
            )
            : \sprintf(
                'They want it long: %s’s best moment is %s, in %d times in 100.',
                $this->name,
                $this->later < $this->out ? 'as the ball is thrown' : 'while it is held here',
                round(100 * (1 - min($this->out, $this->later))),
            );
    }

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
