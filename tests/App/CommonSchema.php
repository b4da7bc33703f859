<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Skill\Skill;

/** docs/schemas/common.json, with its closed sets as the code has them. */
final class CommonSchema
{
    public const FILE = __DIR__ . '/../../docs/schemas/common.json';

    /** The document with the lists of the code in place of those that it has. */
    public static function ofTheCode(): string
    {
        $document = json_decode((string) file_get_contents(self::FILE), flags: \JSON_THROW_ON_ERROR);
        \assert($document instanceof \stdClass && $document->{'$defs'} instanceof \stdClass);
        foreach (self::sets() as $path => $values) {
            $part = self::at($document->{'$defs'}, explode('/', $path));
            /** @var list<string> $before */
            $before = $part->enum;
            // Where a description begins with the list it does so with the new one.
            if (\is_string($part->description ?? null)) {
                $part->description = str_replace(implode(', ', $before), implode(', ', $values), $part->description);
            }
            $part->enum = $values;
        }
        $players = self::at($document->{'$defs'}, ['players', 'items', 'properties']);
        foreach (Quantity::cases() as $quantity) {
            $players->{$quantity->column()} = self::measured($quantity);
        }
        $json = json_encode(
            $document,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );

        return (string) preg_replace_callback(
            '/^( {4})+/m',
            static fn(array $indent): string => str_repeat('  ', intdiv(\strlen($indent[0]), 4)),
            $json,
        ) . "\n";
    }

    /** @return array<string, float|int|string> */
    private static function measured(Quantity $quantity): array
    {
        [$least, $most] = [$quantity->least(), $quantity->most()];

        return [
            'type' => 'number',
            'minimum' => floor($least) === $least ? (int) $least : $least,
            'maximum' => floor($most) === $most ? (int) $most : $most,
            'description' => \sprintf(
                '%s, a number from %s to %s %s',
                $quantity->field(),
                $least,
                $most,
                $quantity->unit(),
            ),
        ];
    }

    /** @param list<string> $path */
    private static function at(\stdClass $part, array $path): \stdClass
    {
        foreach ($path as $step) {
            $next = ((array) $part)[$step] ?? null;
            $part = \is_array($next) ? (object) $next : $next;
            \assert($part instanceof \stdClass);
        }

        return $part;
    }

    /** @return array<string, list<string>> by where it is in the document */
    private static function sets(): array
    {
        return [
            'base' => Base::words(),
            'bases/items' => array_column(Bases::cases(), 'value'),
            'bats' => array_column(Bats::cases(), 'value'),
            'batter/anyOf/0' => array_column(BatterType::cases(), 'value'),
            'batter/anyOf/1/properties/tendency' => array_column(Tendency::cases(), 'value'),
            'coverage_lines/items/properties/job' => array_map(static fn(Job $job): string => $job->key(), Job::all()),
            'depths/additionalProperties' => array_column(NamedDepth::cases(), 'value'),
            'half' => array_column(Half::cases(), 'value'),
            'level' => array_column(Level::cases(), 'value'),
            'skill' => array_column(Skill::cases(), 'value'),
            'pitch' => array_column(PitchSide::cases(), 'value'),
            'pitching' => array_column(Pitching::cases(), 'value'),
            'rule_set' => array_keys(ShippedRuleSets::all()),
            'runners_are' => array_column(Boldness::cases(), 'value'),
            'seen' => array_column(Seen::cases(), 'value'),
            'throws' => array_column(Hand::cases(), 'value'),
        ];
    }
}
