<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Value\ButFor;

/** Something wrong with the plan: what, by how much, and what would mend it. */
final readonly class Finding
{
    use ButFor;

    /**
     * @param string      $kind    stays the same for one kind of fault
     * @param string      $title   a few words
     * @param string      $measure a sentence with the figure
     * @param string      $mend    what to do about it
     * @param float       $weight  outs or bases lost, roughly; larger is worse
     * @param bool        $isClose whether it hangs on seconds, and so on who plays there and from where he starts
     * @param Moment|null $moment  when it shows; null: it has none, or not one alone
     */
    public function __construct(
        public string $kind,
        public string $title,
        public string $measure,
        public string $mend,
        public ?Position $position,
        public ?Base $base,
        public float $weight,
        public bool $isClose = false,
        public ?Moment $moment = null,
    ) {}

    /** With the names of those whom it is about, where it was found without. */
    public function named(Lineup $lineup): self
    {
        return $this->but(
            title: $lineup->named($this->title),
            measure: $lineup->named($this->measure),
            mend: $lineup->named($this->mend),
        );
    }

    /** The same fault on another ball has the same identity. */
    public function identity(): string
    {
        return implode('/', [$this->kind, $this->position->value ?? '-', $this->base->value ?? '-']);
    }
}
