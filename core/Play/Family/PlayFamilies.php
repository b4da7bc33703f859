<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Family;

use FoxCorner\Core\Play\Bunt\BuntFamily;
use FoxCorner\Core\Play\GroundBall\GroundBallFamily;
use FoxCorner\Core\Play\Outfield\OutfieldFamily;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** The families of plays that the program knows: one line each. */
final readonly class PlayFamilies
{
    /** @param array<string, PlayFamily> $families by key */
    private function __construct(private array $families) {}

    public static function shipped(): self
    {
        return self::of(new BuntFamily(), new GroundBallFamily(), new OutfieldFamily());
    }

    public static function of(PlayFamily ...$families): self
    {
        return new self(
            array_combine(array_map(static fn(PlayFamily $family): string => $family->key(), $families), $families),
        );
    }

    public function and(PlayFamily $family): self
    {
        return new self([...$this->families, $family->key() => $family]);
    }

    /** @return list<PlayFamily> */
    public function all(): array
    {
        return array_values($this->families);
    }

    public function find(string $key): ?PlayFamily
    {
        return $this->families[$key] ?? null;
    }

    /** @throws Problem */
    public function get(string $key): PlayFamily
    {
        return $this->families[$key] ?? throw Unknown::notOneOf('family', $key, array_keys($this->families));
    }
}
