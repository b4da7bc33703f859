<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\App\Plan\Address\FamilyControls;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Address\TwoNumbers;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\Hop;
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

/** A ground ball in an address: "ball", degrees and miles per hour, or "at", a point that it goes through; "hop". */
#[AutoconfigureTag('fox.family_controls')]
final readonly class GroundBallControls implements FamilyControls
{
    private const BALL = 'ball';
    private const AT = 'at';
    private const HOP = 'hop';

    public function __construct(private TwoOrOneCharts $charts) {}

    public function family(): string
    {
        return GroundBallFamily::KEY;
    }

    public function read(InputBag $query): array
    {
        $hop = $query->getString(self::HOP);
        if ('' !== $hop) {
            Unknown::oneOf(Hop::class, $hop, self::HOP);
        }
        $ball = $query->getString(self::BALL);
        if ('' !== $ball) {
            self::typed($ball);
        }
        if ('' !== $query->getString(self::AT)) {
            $at = TwoNumbers::read(self::AT, $query->getString(self::AT), 'two distances in feet, as in -40,90');
            $degrees = round(min(Diamond::FAIR, max(-Diamond::FAIR, Point::of(...$at)->sprayDegrees())));
            $ball = \sprintf('%g,%s', $degrees, '' === $ball ? '' : self::typed($ball)[1]);
        }

        return array_filter(
            [self::BALL => rtrim($ball, ','), self::HOP => Hop::True->value === $hop ? '' : $hop],
            static fn(string $value): bool => '' !== $value,
        );
    }

    public function trial(array $carried, Scene $scene): GroundBallTrial
    {
        [$degrees, $mph] = self::typed($carried[self::BALL] ?? (string) GroundBallFamily::USUAL);

        return GroundBallTrial::hit(
            $degrees,
            $mph ?? $scene->level->groundBallSpeed,
            $scene->rules,
            Hop::from($carried[self::HOP] ?? Hop::True->value),
        );
    }

    public function carry(Trial $trial): array
    {
        return $trial instanceof GroundBallTrial ? self::carried($trial) : [self::BALL => null, self::HOP => null];
    }

    /** @return array<string, string|null> */
    public static function carried(GroundBallTrial $trial): array
    {
        return [
            self::BALL => \sprintf('%g,%g', round($trial->degrees), round($trial->mph)),
            self::HOP => Hop::True === $trial->hop ? null : $trial->hop->value,
        ];
    }

    public function choices(SituationAddress $address, PlannedPlay $play, PlayCost $cost): GroundBallChoices
    {
        $trial = $this->trial($address->trial, $play->plan->scene());

        return new GroundBallChoices($address, $play, $trial, $cost, $this->charts);
    }

    public function folder(): string
    {
        return 'plays/ground-ball';
    }

    public function mapWindow(RuleSet $rules): Window
    {
        return Window::infield($rules);
    }

    public function playWindow(RuleSet $rules): Window
    {
        return Window::infield($rules);
    }

    public function placedBy(): array
    {
        return [self::BALL, self::HOP];
    }

    /** @return array{float, float|null} */
    private static function typed(string $ball): array
    {
        if (!str_contains($ball, ',')) {
            $ball .= ',0';
        }
        [$degrees, $mph] = TwoNumbers::read(
            self::BALL,
            $ball,
            'degrees from straight away and miles per hour, as in -18,72',
        );

        return [$degrees, $mph > 0.0 ? $mph : null];
    }
}
