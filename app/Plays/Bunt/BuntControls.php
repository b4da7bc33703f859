<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Bunt;

use FoxCorner\App\Plan\Address\FamilyControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Address\TwoNumbers;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\InputBag;

/** A bunt in an address: "bunt", degrees and feet, or "at", a point that somebody touched; "how" it is bunted. */
#[AutoconfigureTag('fox.family_controls')]
final readonly class BuntControls implements FamilyControls
{
    private const BUNT = 'bunt';
    private const AT = 'at';
    private const HOW = 'how';
    /** The bunt shown when none was asked for: toward third, well placed. */
    private const ORDINARY = [-20.0, 30.0];
    /** ft from home within which a touch is a bunt. */
    private const NEAREST = 8.0;
    private const FARTHEST = 100.0;

    public function family(): string
    {
        return BuntFamily::KEY;
    }

    public function read(InputBag $query): array
    {
        $how = $query->getString(self::HOW);
        $kind = '' === $how ? BuntKind::Sacrifice : Unknown::oneOf(BuntKind::class, $how, self::HOW);

        return self::parameters(self::bunt($query), $kind);
    }

    public function trial(array $carried, Scene $scene): BuntTrial
    {
        [$degrees, $feet] = self::typed($carried[self::BUNT] ?? '');

        return BuntTrial::restingAt(
            $feet,
            $degrees,
            $scene->rules,
            BuntKind::from($carried[self::HOW] ?? BuntKind::in($scene->situation)[0]->value),
        );
    }

    public function carry(Trial $trial): array
    {
        $bunt = $trial instanceof BuntTrial ? [round($trial->degrees), round($trial->feet)] : self::ORDINARY;

        return [
            self::BUNT => null,
            ...self::parameters($bunt, $trial instanceof BuntTrial ? $trial->kind : BuntKind::Sacrifice),
        ];
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): BuntChoices
    {
        return BuntChoices::of($address, $this->trial($address->trial, $play->plan->scene()), $play);
    }

    public function folder(): string
    {
        return 'plays/bunt';
    }

    public function mapWindow(RuleSet $rules): Window
    {
        return Window::inFrontOfPlate();
    }

    public function playWindow(RuleSet $rules): Window
    {
        return Window::infield($rules);
    }

    public function placedBy(): array
    {
        return [self::BUNT, self::HOW];
    }

    /**
     * @param array{float, float} $bunt degrees and feet
     *
     * @return array<string, string>
     */
    private static function parameters(array $bunt, BuntKind $kind): array
    {
        return [
            ...BuntKind::Sacrifice === $kind ? [] : [self::HOW => $kind->value],
            ...self::ORDINARY === $bunt ? [] : [self::BUNT => \sprintf('%g,%g', ...$bunt)],
        ];
    }

    /**
     * @param InputBag<string> $query
     *
     * @return array{float, float}
     */
    private static function bunt(InputBag $query): array
    {
        if ('' === $query->getString(self::AT)) {
            return self::typed($query->getString(self::BUNT));
        }
        $point = Point::of(
            ...TwoNumbers::read(self::AT, $query->getString(self::AT), 'two distances in feet, as in -12.5,30'),
        );
        $degrees = min(Diamond::FAIR, max(-Diamond::FAIR, $point->sprayDegrees()));

        return [round($degrees), round(min(self::FARTHEST, max(self::NEAREST, $point->distanceTo(Point::home()))))];
    }

    /** @return array{float, float} */
    private static function typed(string $bunt): array
    {
        return '' === $bunt
            ? self::ORDINARY
            : TwoNumbers::read(self::BUNT, $bunt, 'degrees from straight away and feet from home, as in -20,30');
    }
}
