<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

/** A family of plays of which a team makes its own list from the first one on: its picks, each with its sign. */
interface BeginsEmpty extends PlayFamily {}
