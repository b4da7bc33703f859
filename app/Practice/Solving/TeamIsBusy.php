<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Symfony\Component\Messenger\Exception\RecoverableExceptionInterface;

/** A worker is at something else of the team: it is tried again in a moment, and others' turn comes meanwhile. */
final class TeamIsBusy extends \RuntimeException implements RecoverableExceptionInterface
{
}
