<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use FoxCorner\Core\People\Bats;
use Symfony\Component\Uid\Uuid;

/** A batter as the control of the situation offers him. */
final readonly class BatterChoice
{
    public string $id;

    public function __construct(
        public string $opponent,
        Uuid $id,
        public ?int $place,
        public string $name,
        public Bats $bats,
    ) {
        $this->id = $id->toRfc4122();
    }
}
