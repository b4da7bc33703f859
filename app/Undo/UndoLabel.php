<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Symfony\Component\Uid\Uuid;

/** What a step did, who took it and when. */
final readonly class UndoLabel
{
    public function __construct(
        public Uuid $id,
        public string $words,
        public string $by,
        public \DateTimeImmutable $at,
        public bool $undone,
    ) {}
}
