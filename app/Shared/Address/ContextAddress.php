<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Address;

use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\InvalidValue;
use Symfony\Component\HttpFoundation\InputBag;

/** Inning, score, batter and count as an address carries them from page to page. */
final class ContextAddress
{
    /**
     * What is left out is as in the ordinary context.
     *
     * @param InputBag<string> $query
     *
     * @throws InvalidValue naming the part of the address that is wrong
     */
    public static function read(InputBag $query): Context
    {
        $ordinary = Context::ordinary();
        $half = $query->getString('half', $ordinary->half->value);
        $batter = $query->getString('batter', $ordinary->batter->value);

        return Context::of(
            self::whole('inning', $query->getString('inning', (string) $ordinary->inning), '1 to 15'),
            Half::tryFrom($half) ?? throw InvalidValue::notOneOf('half', $half, array_column(Half::cases(), 'value')),
            self::whole('score', $query->getString('score', (string) $ordinary->lead), '-10 to 10 runs, ours less theirs'),
            BatterType::tryFrom($batter) ?? throw InvalidValue::notOneOf('batter', $batter, array_column(BatterType::cases(), 'value')),
            Count::fromKey($query->getString('count', $ordinary->count->key())),
        );
    }

    /** @return array<string, string> parameters of an address */
    public static function write(Context $context): array
    {
        return [
            'inning' => (string) $context->inning,
            'half' => $context->half->value,
            'score' => (string) $context->lead,
            'batter' => $context->batter->value,
            'count' => $context->count->key(),
        ];
    }

    private static function whole(string $field, string $value, string $allowed): int
    {
        return 1 === preg_match('/^-?\d{1,4}$/', $value) ? (int) $value : throw InvalidValue::because($field, \sprintf('"%s" is not a whole number', $value), $allowed);
    }
}
