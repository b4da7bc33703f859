<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Address;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Component\HttpFoundation\InputBag;

/** Inning, score, batter, count and pitcher as an address carries them from page to page. */
final class ContextAddress
{
    /** The parameters that stay with a coach from page to page. */
    public const NAMES = ['inning', 'half', 'score', 'batter', 'count', 'pitcher', 'runners', 'pitch', 'seen'];

    /**
     * What is left out is as in the ordinary context.
     *
     * @param InputBag<string>          $query
     * @param callable(string): ?Batter $named finds a batter who is no type
     *
     * @throws Problem naming the part of the address that is wrong
     */
    public static function read(InputBag $query, callable $named): Context
    {
        $ordinary = Context::ordinary();
        $half = $query->getString('half', $ordinary->half->value);
        $batter = $query->getString('batter', $ordinary->batter->key);
        $type = BatterType::tryFrom($batter);
        $pitcher = $query->getString('pitcher');

        return Context::of(
            self::whole('inning', $query->getString('inning', (string) $ordinary->inning), '1 to 15'),
            Unknown::oneOf(Half::class, $half, 'half'),
            self::whole(
                'score',
                $query->getString('score', (string) $ordinary->lead),
                '-10 to 10 runs, ours less theirs',
            ),
            null === $type
                ? $named($batter) ??
                    throw Refused::because(
                        'batter',
                        \sprintf('"%s" is not known', $batter),
                        implode(', ', array_column(BatterType::cases(), 'value')) . ', or a batter of an opponent',
                    )
                : Batter::ofType($type),
            Count::fromKey($query->getString('count', $ordinary->count->key())),
            Pitching::Ordinary,
            '' === $pitcher ? null : $pitcher,
            self::oneOf($query, 'runners', RunnerSpeed::Ordinary),
            self::oneOf($query, 'pitch', PitchSide::Anywhere),
            self::oneOf($query, 'seen', Seen::Nothing),
        );
    }

    /** @return array<string, string|null> parameters of an address */
    public static function write(Context $context): array
    {
        return [
            'inning' => (string) $context->inning,
            'half' => $context->half->value,
            'score' => (string) $context->lead,
            'batter' => $context->batter->key,
            'count' => $context->count->key(),
            'pitcher' => $context->pitcher,
            'runners' => RunnerSpeed::Ordinary === $context->runners ? null : $context->runners->value,
            'pitch' => PitchSide::Anywhere === $context->pitch ? null : $context->pitch->value,
            'seen' => Seen::Nothing === $context->seen ? null : $context->seen->value,
        ];
    }

    /**
     * @template T of \BackedEnum
     *
     * @param InputBag<string> $query
     * @param T                $usual when nothing is said
     *
     * @return T
     */
    private static function oneOf(InputBag $query, string $field, \BackedEnum $usual): \BackedEnum
    {
        $value = $query->getString($field);

        return '' === $value ? $usual : Unknown::oneOf($usual::class, $value, $field);
    }

    private static function whole(string $field, string $value, string $allowed): int
    {
        return 1 === preg_match('/^-?\d{1,4}$/', $value)
            ? (int) $value
            : throw NoNumber::whole($field, $allowed, $value);
    }
}
