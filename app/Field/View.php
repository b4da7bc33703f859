<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

/** What the drawing shows: where they stand, what they do on a bunt, or who has a ball in the air. */
enum View: string
{
    case Depth = 'depth';
    case Bunt = 'bunt';
    case Air = 'air';
}
