<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Json;

/** The published schemas; what several have in common is written once, in common.json. */
final readonly class Schemas
{
    private const COMMON = 'common.json';
    private const REF = '$ref';
    private const DEFS = '#/$defs/';

    /** @param string $folder where they lie */
    public function __construct(private string $folder) {}

    /**
     * One of them with all that it refers to written out.
     *
     * @param string $name as in "bunt.question"
     *
     * @throws \JsonException when it is no JSON
     */
    public function read(string $name): \stdClass
    {
        $common = (array) ($this->file(self::COMMON)->{'$defs'} ?? []);
        $schema = self::writtenOut($this->file("$name.json"), $common, self::COMMON . self::DEFS);

        return $schema instanceof \stdClass ? $schema : throw new \LogicException("$name is no schema.");
    }

    private function file(string $name): \stdClass
    {
        $read = json_decode((string) file_get_contents("$this->folder/$name"), flags: \JSON_THROW_ON_ERROR);

        return $read instanceof \stdClass ? $read : throw new \LogicException("$name is no schema.");
    }

    /**
     * @param array<mixed> $common by name
     * @param string       $here   how they are referred to there
     */
    private static function writtenOut(mixed $part, array $common, string $here): mixed
    {
        if (\is_array($part)) {
            return array_map(static fn(mixed $one): mixed => self::writtenOut($one, $common, $here), $part);
        }
        if (!$part instanceof \stdClass) {
            return $part;
        }
        $ref = $part->{self::REF} ?? null;
        if (\is_string($ref) && str_starts_with($ref, $here)) {
            $name = substr($ref, \strlen($here));

            return self::writtenOut(
                $common[$name] ?? throw new \LogicException("Nothing is $ref."),
                $common,
                self::DEFS,
            );
        }

        return (object) array_map(
            static fn(mixed $one): mixed => self::writtenOut($one, $common, $here),
            (array) $part,
        );
    }
}
