<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use Symfony\Component\Uid\Uuid;

/** When and where a practice is, without its sheet: enough for a list of all. */
final readonly class PracticeLabel
{
    public function __construct(
        public Uuid $id,
        private string $letters,
        public \DateTimeImmutable $startsAt,
        public string $place,
    ) {}

    /** As {@see PracticeAddress} reads it. */
    public function address(): string
    {
        return $this->startsAt->format('Y-m-d-') . $this->letters;
    }
}
