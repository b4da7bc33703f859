<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\Codec\BookCodec;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** A team's plan as it stands: one document, so that undoing, comparing and publishing are the same thing. */
#[ORM\Entity]
class PlanDraft
{
    use Identified;

    public function __construct(
        #[ORM\OneToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        /** JSON by {@see BookCodec}. */
        #[ORM\Column(type: 'text', length: 16777215)] private string $document,
    ) {
        $this->id = Uuid::v7();
    }

    public function write(string $document): void
    {
        $this->document = $document;
    }

    public function document(): string
    {
        return $this->document;
    }
}
