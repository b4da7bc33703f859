<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Play\Bunt\BuntGrid;
use Symfony\Component\HttpFoundation\InputBag;

/** A situation as the address carries it: a link opens the same situation, context, view and ball. */
final readonly class SituationAddress
{
    /** The bunt shown when none was asked for: toward third, well placed. */
    private const ORDINARY_BUNT = [-20.0, 30.0];

    /** @param array{float, float} $bunt degrees from straight away, ft from home at rest */
    private function __construct(
        public Situation $situation,
        public Context $context,
        public View $view,
        public ?string $coverage,
        public array $bunt,
    ) {
    }

    /**
     * @param InputBag<string> $query
     *
     * @throws InvalidValue naming the part of the address that is wrong
     */
    public static function read(string $situation, InputBag $query): self
    {
        $coverage = $query->getString('coverage');

        return new self(
            Situation::fromKey($situation),
            self::context($query),
            '' === $query->getString('view') ? View::Depth : View::tryFrom($query->getString('view')) ?? throw InvalidValue::notOneOf('view', $query->getString('view'), array_column(View::cases(), 'value')),
            '' === $coverage ? null : $coverage,
            self::bunt($query),
        );
    }

    /**
     * The same address with something else in it, as parameters of the route.
     *
     * @param array<string, string|null> $changes
     *
     * @return array<string, string>
     */
    public function with(array $changes): array
    {
        return array_filter([...$this->parameters(), ...$changes], static fn(?string $value): bool => null !== $value);
    }

    /** @return array<string, string> */
    public function toggling(Base $base): array
    {
        return $this->with(['situation' => Situation::of($this->situation->bases->toggle($base), $this->situation->outs)->key(), 'coverage' => null]);
    }

    /** @return array<string, string> */
    public function withOuts(Outs $outs): array
    {
        return $this->with(['situation' => Situation::of($this->situation->bases, $outs)->key(), 'coverage' => null]);
    }

    public function ball(Surface $surface): RollingBall
    {
        return BuntGrid::restingAt($this->bunt[1], $this->bunt[0], $surface);
    }

    /** @return array<string, string|null> */
    public function parameters(): array
    {
        return [
            'situation' => $this->situation->key(),
            'inning' => (string) $this->context->inning,
            'half' => $this->context->half->value,
            'score' => (string) $this->context->lead,
            'batter' => $this->context->batter->value,
            'count' => $this->context->count->key(),
            'view' => View::Depth === $this->view ? null : $this->view->value,
            'coverage' => $this->coverage,
            'bunt' => self::ORDINARY_BUNT === $this->bunt ? null : \sprintf('%g,%g', ...$this->bunt),
        ];
    }

    /** @param InputBag<string> $query */
    private static function context(InputBag $query): Context
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

    /**
     * Either "bunt", degrees and feet, or "at", a point that somebody touched on the drawing.
     *
     * @param InputBag<string> $query
     *
     * @return array{float, float}
     */
    private static function bunt(InputBag $query): array
    {
        if ('' !== $query->getString('at')) {
            [$x, $y] = self::twoNumbers('at', $query->getString('at'), 'two distances in feet, as in -12.5,30');
            $point = Point::of($x, $y);

            return [round(min(45.0, max(-45.0, $point->sprayDegrees()))), round(min(100.0, max(8.0, $point->distanceTo(Point::home()))))];
        }

        return '' === $query->getString('bunt') ? self::ORDINARY_BUNT : self::twoNumbers('bunt', $query->getString('bunt'), 'degrees from straight away and feet from home, as in -20,30');
    }

    /** @return array{float, float} */
    private static function twoNumbers(string $field, string $value, string $allowed): array
    {
        if (1 !== preg_match('/^(-?\d{1,3}(?:\.\d+)?),(-?\d{1,3}(?:\.\d+)?)$/', $value, $parts)) {
            throw InvalidValue::because($field, \sprintf('"%s" cannot be read', $value), $allowed);
        }

        return [(float) $parts[1], (float) $parts[2]];
    }

    private static function whole(string $field, string $value, string $allowed): int
    {
        return 1 === preg_match('/^-?\d{1,4}$/', $value) ? (int) $value : throw InvalidValue::because($field, \sprintf('"%s" is not a whole number', $value), $allowed);
    }
}
