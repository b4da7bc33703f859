<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\App\Plan\Address\FamilyControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Address\TwoNumbers;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\InputBag;

/** A ball to the outfield in an address: "hit", feet to the right of and out from home, "flight", "reached", "bold". */
#[AutoconfigureTag('fox.family_controls')]
final readonly class OutfieldControls implements FamilyControls
{
    private const HIT = 'hit';
    private const AT = 'at';
    private const FLIGHT = 'flight';
    private const REACHED = 'reached';
    private const BOLD = 'bold';
    private const SEE = 'see';
    private const PLACE = 'two distances in feet, to the right of home and out from it, as in -90,220';

    public function family(): string
    {
        return OutfieldFamily::KEY;
    }

    public function read(InputBag $query): array
    {
        $at = $query->getString(self::AT);
        $hit = '' === $at ? $query->getString(self::HIT) : $at;
        if ('' !== $hit) {
            [$x, $y] = TwoNumbers::read('' === $at ? self::HIT : self::AT, $hit, self::PLACE);
            $hit = \sprintf('%g,%g', round($x), round($y));
        }
        $flight = self::oneOf(self::FLIGHT, $query->getString(self::FLIGHT), Flight::class);
        $reached = self::oneOf(self::REACHED, $query->getString(self::REACHED), Reached::class);
        $bold = self::oneOf(self::BOLD, $query->getString(self::BOLD), Boldness::class);

        $see = $query->getString(self::SEE);
        if ('' !== $see && 1 !== preg_match('/^[1-9]$/', $see)) {
            throw Refused::because(self::SEE, "\"$see\" is no position", 'a position number, 1 to 9');
        }

        return array_filter(
            [
                self::SEE => $see,
                self::HIT => $hit,
                self::FLIGHT => Flight::Ground->value === $flight ? '' : $flight,
                self::REACHED => $reached,
                self::BOLD => Boldness::Ordinary->value === $bold ? '' : $bold,
            ],
            static fn(string $value): bool => '' !== $value,
        );
    }

    public function trial(array $carried, Scene $scene): OutfieldTrial
    {
        $usual = OutfieldFamily::usual($scene->rules);
        [$x, $y] = isset($carried[self::HIT])
            ? TwoNumbers::read(self::HIT, $carried[self::HIT], self::PLACE)
            : [$usual->x, $usual->y];

        return OutfieldTrial::near(
            Point::of($x, $y),
            Flight::from($carried[self::FLIGHT] ?? Flight::Ground->value),
            $scene->rules,
            Reached::tryFrom($carried[self::REACHED] ?? ''),
            Boldness::from($carried[self::BOLD] ?? Boldness::Ordinary->value),
        );
    }

    public function carry(Trial $trial): array
    {
        if (!$trial instanceof OutfieldTrial) {
            return array_fill_keys([self::HIT, self::FLIGHT, self::REACHED, self::BOLD], null);
        }

        return [
            self::HIT => \sprintf('%g,%g', round($trial->to->x), round($trial->to->y)),
            self::FLIGHT => Flight::Ground === $trial->flight ? null : $trial->flight->value,
            self::REACHED => $trial->reached?->value,
            self::BOLD => Boldness::Ordinary === $trial->boldness ? null : $trial->boldness->value,
        ];
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): OutfieldChoices
    {
        return new OutfieldChoices($address, $play, $this->trial($address->trial, $play->plan->scene()), $cost);
    }

    public function folder(): string
    {
        return 'plays/outfield';
    }

    public function mapWindow(RuleSet $rules): Window
    {
        return Window::wholeField($rules);
    }

    public function playWindow(RuleSet $rules): Window
    {
        return Window::wholeFieldWithBackUps($rules);
    }

    public function placedBy(): array
    {
        return [self::HIT, self::REACHED];
    }

    /** @param class-string<\BackedEnum> $kind */
    private static function oneOf(string $name, string $typed, string $kind): string
    {
        if ('' !== $typed) {
            Unknown::oneOf($kind, $typed, $name);
        }

        return $typed;
    }
}
