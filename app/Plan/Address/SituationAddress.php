<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Component\HttpFoundation\InputBag;

/** A situation as the address carries it: a link opens the same situation, context, view and ball. */
final readonly class SituationAddress
{
    /** What the drawing shows besides the families of plays: where they stand, who has a ball in the air. */
    private const DEPTH = 'depth';
    private const AIR = 'air';

    /**
     * @param PlayFamily|null       $family whose play is drawn
     * @param array<int, Point>     $moved  fielders put somewhere by hand, by position number
     * @param array<string, string> $trial  parameters of all families, as their controls have read them
     */
    private function __construct(
        public Situation $situation,
        public Context $context,
        public ?PlayFamily $family,
        public bool $isAir,
        public ?string $coverage,
        public array $moved,
        public FlyKind $air,
        public array $trial,
    ) {}

    /**
     * @param InputBag<string> $query
     *
     * @throws Problem naming the part of the address that is wrong
     */
    public static function read(string $situation, InputBag $query, Context $context, PlayControls $controls): self
    {
        [$coverage, $view, $kind] = [
            $query->getString('coverage'),
            $query->getString('view', self::DEPTH),
            $query->getString('kind'),
        ];
        $family = $controls->families->find($view);
        if (null === $family && !\in_array($view, ['', self::DEPTH, self::AIR], true)) {
            $keys = array_map(static fn(PlayFamily $one): string => $one->key(), $controls->families->all());
            throw Unknown::notOneOf('view', $view, [self::DEPTH, ...$keys, self::AIR]);
        }
        $trial = [];
        // A touch is the ball of the play that is drawn, and of no other.
        $untouched = clone $query;
        $untouched->remove('at');
        foreach ($controls->all() as $key => $one) {
            $trial += $one->read($key === $view || null === $family ? $query : $untouched);
        }
        $air = '' === $kind ? FlyKind::Fly : Unknown::oneOf(FlyKind::class, $kind, 'kind');

        return new self(
            Situation::fromKey($situation),
            $context,
            $family,
            self::AIR === $view,
            '' === $coverage ? null : $coverage,
            MovedFielders::read($query->getString('moved')),
            $air,
            $trial,
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
        return array_filter([...$this->parameters(), ...$changes], is_string(...));
    }

    /** @return array<string, string> */
    public function toggling(Base $base): array
    {
        $bases = $this->situation->bases->toggle($base);

        return $this->with([
            'situation' => Situation::of($bases, $this->situation->outs)->key(),
            'coverage' => null,
            'moved' => null,
        ]);
    }

    /** @return array<string, string> */
    public function withOuts(Outs $outs): array
    {
        return $this->with([
            'situation' => Situation::of($this->situation->bases, $outs)->key(),
            'coverage' => null,
            'moved' => null,
        ]);
    }

    /** @return array<string, string> what of it is in the path: situation, and view where it is not where they stand */
    public function place(): array
    {
        return array_intersect_key($this->with([]), ['situation' => true, 'view' => true]);
    }

    /** @return array<string, string> what stays when a form changes the context */
    public function stays(): array
    {
        return array_diff_key(
            $this->with(['situation' => null, 'view' => null, 'moved' => null]),
            ContextAddress::write($this->context),
        );
    }

    /** Where fielders are put by hand, as an address carries it; null when nobody is. */
    public function movedWords(): ?string
    {
        return MovedFielders::write($this->moved);
    }

    /** @return array<string, string|null> */
    private function parameters(): array
    {
        return [
            'situation' => $this->situation->key(),
            ...ContextAddress::write($this->context),
            'view' => $this->isAir ? self::AIR : $this->family?->key(),
            'coverage' => $this->coverage,
            'moved' => $this->movedWords(),
            'kind' => FlyKind::Fly === $this->air ? null : $this->air->value,
            ...$this->trial,
        ];
    }
}
