<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

/** Wakes a worker: there is something to do. Which piece of work comes next is asked when the worker is awake. */
final readonly class Solve {}
