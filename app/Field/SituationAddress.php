<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Play\Bunt\BuntKind;
use FoxCorner\Core\Range\Fly\FlyKind;
use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Game\Context;
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

    /**
     * @param array{float, float} $bunt  degrees from straight away, ft from home at rest
     * @param array<int, Point>   $moved fielders put somewhere by hand, by position number
     */
    private function __construct(
        public Situation $situation,
        public Context $context,
        public View $view,
        public ?string $coverage,
        public array $bunt,
        public array $moved,
        public FlyKind $air,
        public BuntKind $how,
    ) {
    }

    /**
     * @param InputBag<string> $query
     *
     * @throws InvalidValue naming the part of the address that is wrong
     */
    public static function read(string $situation, InputBag $query, Context $context): self
    {
        $coverage = $query->getString('coverage');

        return new self(
            Situation::fromKey($situation),
            $context,
            '' === $query->getString('view') ? View::Depth : View::tryFrom($query->getString('view')) ?? throw InvalidValue::notOneOf('view', $query->getString('view'), array_column(View::cases(), 'value')),
            '' === $coverage ? null : $coverage,
            self::bunt($query),
            self::moved($query->getString('moved')),
            '' === $query->getString('kind') ? FlyKind::Fly : FlyKind::tryFrom($query->getString('kind')) ?? throw InvalidValue::notOneOf('kind', $query->getString('kind'), array_column(FlyKind::cases(), 'value')),
            '' === $query->getString('how') ? BuntKind::Sacrifice : BuntKind::tryFrom($query->getString('how')) ?? throw InvalidValue::notOneOf('how', $query->getString('how'), array_column(BuntKind::cases(), 'value')),
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
        return $this->with(['situation' => Situation::of($this->situation->bases->toggle($base), $this->situation->outs)->key(), 'coverage' => null, 'moved' => null]);
    }

    /** @return array<string, string> */
    public function withOuts(Outs $outs): array
    {
        return $this->with(['situation' => Situation::of($this->situation->bases, $outs)->key(), 'coverage' => null, 'moved' => null]);
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
            ...ContextAddress::write($this->context),
            'view' => View::Depth === $this->view ? null : $this->view->value,
            'coverage' => $this->coverage,
            'moved' => [] === $this->moved ? null : implode(';', array_map(static fn(int $number, Point $point): string => \sprintf('%d:%.1f,%.1f', $number, $point->x, $point->y), array_keys($this->moved), $this->moved)),
            'kind' => FlyKind::Fly === $this->air ? null : $this->air->value,
            'how' => BuntKind::Sacrifice === $this->how ? null : $this->how->value,
            'bunt' => self::ORDINARY_BUNT === $this->bunt ? null : \sprintf('%g,%g', ...$this->bunt),
        ];
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

    /**
     * As in "4:16.5,78;6:-14,80": position number, then feet to the right of and out from home.
     *
     * @return array<int, Point>
     */
    private static function moved(string $value): array
    {
        $moved = [];
        foreach ('' === $value ? [] : explode(';', $value) as $part) {
            [$number, $point] = [...explode(':', $part, 2), ''];
            if (1 !== preg_match('/^[3-9]$/', $number)) {
                throw InvalidValue::because('moved', "\"$part\" names no fielder who can be moved", 'fielders 3 to 9 and where they stand, as in 4:16.5,78;6:-14,80');
            }
            [$x, $y] = self::twoNumbers('moved', $point, 'fielders 3 to 9 and where they stand, as in 4:16.5,78;6:-14,80');
            $moved[(int) $number] = Point::of($x, $y);
        }

        return $moved;
    }

    /** @return array{float, float} */
    private static function twoNumbers(string $field, string $value, string $allowed): array
    {
        if (1 !== preg_match('/^(-?\d{1,3}(?:\.\d+)?),(-?\d{1,3}(?:\.\d+)?)$/', $value, $parts)) {
            throw InvalidValue::because($field, \sprintf('"%s" cannot be read', $value), $allowed);
        }

        return [(float) $parts[1], (float) $parts[2]];
    }
}
