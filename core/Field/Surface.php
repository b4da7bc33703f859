<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/** What the ball rolls on in the infield. */
enum Surface: string
{
    case Grass = 'grass';
    case Dirt = 'dirt';
    case Turf = 'turf';
    /** Wet or long grass. */
    case WetGrass = 'wet grass';
}
