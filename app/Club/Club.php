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

    /** @param bool $demo whether it is the invented one, which goes when the demo goes */
    public function __construct(
        #[ORM\Column(length: self::LONGEST)] public string $name,
        #[ORM\Column(options: ['default' => 0])] public readonly bool $demo = false,
    ) {
        $this->id = Uuid::v7();
    }
}
