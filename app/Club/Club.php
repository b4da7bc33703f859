<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
class Club
{
    use Identified;

    /** Letters of a name. */
    public const LONGEST = 80;

    public function __construct(#[ORM\Column(length: self::LONGEST)] public string $name)
    {
        $this->id = Uuid::v7();
    }
}
