<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\Type;

/** What a shirt says, kept as a number so that lists go by it: 00 is -1, before 0. */
final class ShirtNumberType extends Type
{
    public const NAME = 'shirt';
    private const DOUBLE_ZERO = -1;

    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return $platform->getSmallIntTypeDeclarationSQL($column);
    }

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?int
    {
        return \is_string($value) || \is_int($value) ? self::kept((string) $value) : null;
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return \is_int($value) || \is_string($value) ? self::read((int) $value) : null;
    }

    public function getBindingType(): ParameterType
    {
        return ParameterType::INTEGER;
    }

    public static function read(int $kept): string
    {
        return self::DOUBLE_ZERO === $kept ? '00' : (string) $kept;
    }

    private static function kept(string $number): int
    {
        return '00' === $number ? self::DOUBLE_ZERO : (int) $number;
    }
}
