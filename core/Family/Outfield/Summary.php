<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Choice\Verdict;

/** What a ball to the outfield comes to, as a title. */
final class Summary
{
    public static function of(OutfieldPlay $play, Ending $made, ThrowOption $option): string
    {
        if (null !== $made->runner) {
            $in = self::scored($play, $made);
            $before = [] === $in ? '' : implode(' and ', $in) . (1 === \count($in) ? ' scores, ' : ' score, ');
            $who = '' === $before ? ucfirst($made->runner->person()) : $before . $made->runner->person();
            $at = $made->way->base->word();

            return Verdict::on($option)->words("$who is out at $at", "$who is safe at $at");
        }
        $in = self::scored($play, $made);
        $scores = [] === $in ? '' : implode(' and ', $in) . (1 === \count($in) ? ' scores' : ' score');
        if (null === $made->next) {
            return [] === $play->runners ? 'Caught' : ('' === $scores ? 'Caught' : $scores);
        }
        $stops = $made->ends[$made->next->from];
        $where = $stops === $made->next->from ? 'stays' : 'stops at ' . Base::from($stops)->word();

        return '' === $scores
            ? \sprintf('%s %s', ucfirst($made->next->person()), $where)
            : \sprintf('%s, %s %s', $scores, $made->next->person(), $where);
    }

    /** @return list<string> */
    private static function scored(OutfieldPlay $play, Ending $made): array
    {
        $in = [];
        foreach ($play->runners as $runner) {
            if ($runner !== $made->runner && Base::Home->value === $made->ends[$runner->from]) {
                $in[] = ucfirst($runner->person());
            }
        }

        return $in;
    }
}
