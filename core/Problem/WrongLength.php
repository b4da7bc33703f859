<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** A text that is missing, or longer than its place. */
final class WrongLength extends ValueProblem
{
    /**
     * Returns the text without the blanks around it.
     *
     * @param int $least letters; 0: it may be empty
     * @param int $most  letters
     *
     * @throws self
     */
    public static function unlessBetween(string $field, string $text, int $least, int $most): string
    {
        $text = trim($text);
        $letters = mb_strlen($text);
        if ($letters >= $least && $letters <= $most) {
            return $text;
        }

        throw new self(
            $field,
            0 === $letters ? 'it is empty' : \sprintf('it has %d letters', $letters),
            \sprintf(0 === $least ? 'at most %2$d letters' : '%d to %d letters', $least, $most),
        );
    }
}
