<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;

/** What a form sends for reading: a file, or what was pasted beside it. */
final class SentText
{
    /** The file "file" when a whole one came, else the field "text"; as it came, in whichever letters. */
    public static function of(Request $request): string
    {
        $file = $request->files->get('file');

        return $file instanceof UploadedFile && $file->isValid()
            ? $file->getContent()
            : $request->request->getString('text');
    }
}
