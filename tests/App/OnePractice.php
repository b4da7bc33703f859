<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;

/** A practice that is made on the pages, and its sheet. */
trait OnePractice
{
    private function sheetOf(\FoxCorner\App\Club\Team $team): Sheet
    {
        $practice = $this->practiceOf($team);
        $this->entities()->refresh($practice);

        return self::getContainer()->get(SheetCodec::class)->read($practice);
    }

    private function practiceOf(\FoxCorner\App\Club\Team $team): Practice
    {
        return self::getContainer()->get(PracticeRepository::class)->of($team)[0];
    }
}
