<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/**
 * What the game or the model does not allow.
 *
 * Names the field as the outside calls it, what was wrong and what is allowed, so that every edge
 * (form, address, file, command) can show the same sentence beside what was typed.
 */
interface Problem extends \Throwable
{
    public function field(): string;

    public function wrong(): string;

    public function allowed(): string;

    /** As a page says it: "It is empty. Allowed: a day and a time." */
    public function sentence(): string;
}
