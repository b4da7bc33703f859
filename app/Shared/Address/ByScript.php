<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Address;

use Symfony\Component\HttpFoundation\Request;

/** What a script of ours asks for, where somebody who goes to a page would get another answer. */
final class ByScript
{
    /** Whether it wants figures that it can read. */
    public static function asked(Request $request): bool
    {
        return \in_array('application/json', $request->getAcceptableContentTypes(), true);
    }

    /** Whether it wants a part of a page that is shown already: nobody goes anywhere, nor back. */
    public static function isForPart(Request $request): bool
    {
        $goes = $request->headers->has('HX-Boosted') || $request->headers->has('HX-History-Restore-Request');

        return $request->headers->has('HX-Request') && !$goes;
    }

    /** Whether it goes somewhere, where only a part of the page changes. */
    public static function isForPartOfWay(Request $request): bool
    {
        return $request->headers->has('HX-Boosted') && $request->headers->has('HX-Target');
    }
}
