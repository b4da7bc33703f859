<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

/** Text out of a file, whichever way a program has written it. */
final class TypedText
{
    /** In UTF-8 and without a byte-order mark: from UTF-16 by its mark, from Windows' Western letters otherwise. */
    public static function unicode(string $text): string
    {
        $text = match (true) {
            str_starts_with($text, "\xFF\xFE") => mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($text, "\xFE\xFF") => mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16BE'),
            // Without a mark: every second byte of ordinary letters is empty.
            1 === preg_match('/^(?:[^\0]\0){4}/', $text) => mb_convert_encoding($text, 'UTF-8', 'UTF-16LE'),
            1 === preg_match('/^(?:\0[^\0]){4}/', $text) => mb_convert_encoding($text, 'UTF-8', 'UTF-16BE'),
            default => $text,
        };
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');

        return str_starts_with($text, "\u{FEFF}") ? substr($text, \strlen("\u{FEFF}")) : $text;
    }
}
