<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

/** What the drawing shows: where they stand, or what they do on a bunt. */
enum View: string
{
    case Depth = 'depth';
    case Bunt = 'bunt';
}
