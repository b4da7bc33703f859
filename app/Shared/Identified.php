<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/**
 * An entity's id: a UUID that is in order of time, given when the entity is made.
 *
 * Not readonly: when a placeholder is filled later, the mapper sets the same id once more.
 */
trait Identified
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    public function id(): Uuid
    {
        return $this->id;
    }
}
