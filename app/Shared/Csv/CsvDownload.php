<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Csv;

use Symfony\Component\HttpFoundation\Response;

/** A table as a file that a browser saves. */
final class CsvDownload
{
    public static function of(string $csv, string $name): Response
    {
        return new Response(
            $csv,
            headers: [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"$name\"",
            ],
        );
    }
}
