<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/** A calendar file of which more would come than anybody could use, in a sentence. */
final class CalendarTooLarge extends \RuntimeException {}
