<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Team;

/** The pages about runners of the demo. */
trait RunnersAsked
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    private function terns(): Team
    {
        return $this->entities()
            ->getRepository(Team::class)
            ->findOneBy(['name' => 'Terns']) ?? throw new \LogicException('The demo has them.');
    }
}
