<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Value\Settings;

/** What a team has decided of one family of plays, as JSON; what is empty is left out. */
final class PlaysCodec
{
    /** @return array<string, mixed> */
    public static function write(FamilyPlan $plan): array
    {
        return array_filter(
            [
                'own' => array_map(static fn(Coverage $coverage): array => CoverageCodec::write($coverage), $plan->own),
                'choices' => array_map(
                    static fn(CoverageChoice $choice): array => [
                        'coverage' => $choice->coverage,
                        'by' => $choice->by,
                        'at' => $choice->at->format(\DATE_ATOM),
                    ],
                    $plan->choices,
                ),
                'policies' => array_map(static fn(OutPolicy $policy): string => $policy->value, $plan->policies),
                'sheet' => $plan->sheet,
                'settings' => $plan->settings?->values() ?? [],
            ],
            static fn(array $part): bool => [] !== $part,
        );
    }

    /**
     * @param class-string<Settings>|null $kind what the family lets a team set
     *
     * @throws Problem
     */
    public static function read(Fields $fields, ?string $kind): FamilyPlan
    {
        $plan = new FamilyPlan(
            array_map(CoverageCodec::read(...), $fields->each('own')),
            array_map(
                static fn(Fields $choice): CoverageChoice => new CoverageChoice(
                    $choice->text('coverage'),
                    $choice->text('by'),
                    self::moment($choice->text('at')),
                ),
                $fields->map('choices'),
            ),
            $fields->enumMap('policies', OutPolicy::class),
            array_map(self::ball(...), $fields->each('sheet')),
        );

        return null === $kind
            ? $plan
            : $plan->withSettings($kind::ofValues(self::scalars($fields->within('settings'))));
    }

    /** @return array<string, float|string> */
    private static function ball(Fields $fields): array
    {
        return array_map(
            static fn(float|int|string $value): float|string => \is_string($value) ? $value : (float) $value,
            self::scalars($fields),
        );
    }

    /** @return array<string, float|int|string> numbers as they stand, all else as text */
    private static function scalars(Fields $fields): array
    {
        $scalars = [];
        foreach ($fields->all() as $name => $value) {
            $isNumber = \is_int($value) || \is_float($value);
            $scalars[(string) $name] = $isNumber ? $value : $fields->text((string) $name);
        }

        return $scalars;
    }

    private static function moment(string $text): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat(\DATE_ATOM, $text);

        return false === $moment
            ? throw Refused::because('at', "\"$text\" is not a moment", 'as in 2026-11-25T18:00:00+00:00')
            : $moment;
    }
}
